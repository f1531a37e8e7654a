<?php

declare(strict_types=1);

namespace App\Notebook;

use Illuminate\Contracts\Config\Repository;

/** Where the notebook lies, its copies, and what is remembered of it. */
final readonly class Places
{
    public string $notebook;

    public string $copies;

    private string $remembered;

    private string $refusal;

    private string $layout;

    public function __construct(Repository $config)
    {
        $folder = $config->get('mixer.data');
        $folder = is_string($folder) ? $folder : '';
        $notebook = $config->get('database.connections.sqlite.database');
        $this->notebook = is_string($notebook) ? $notebook : '';
        $this->copies = "{$folder}/copies";
        $this->remembered = "{$folder}/serve/opened.json";
        $this->refusal = "{$folder}/serve/refused.txt";
        $this->layout = "{$folder}/serve/layout.json";
    }

    /** The name of a copy: what it was made for, and when or of what. */
    public function copy(string $why, string $when): string
    {
        return "{$this->copies}/{$why}-{$when}.sqlite";
    }

    /** Null where none was opened here yet. */
    public function opened(): ?Opened
    {
        $text = is_file($this->remembered) ? file_get_contents($this->remembered) : false;
        $known = $text === false ? null : json_decode($text, true);

        return is_array($known) && is_string($known['mark'] ?? null) && is_string($known['file'] ?? null) ? new Opened($known['mark'], $known['file'], is_string($known['notebook'] ?? null) ? $known['notebook'] : '') : null;
    }

    public function remember(Opened $opened): void
    {
        Files::write($this->remembered, json_encode($opened, \JSON_THROW_ON_ERROR));
    }

    /** How the notebook was laid out when it was opened or restored last; null where nobody knows. */
    public function layout(): ?Layout
    {
        return is_file($this->layout) ? Layout::read((string) file_get_contents($this->layout)) : null;
    }

    public function laidOut(Layout $layout): void
    {
        Files::folder(dirname($this->layout));
        Files::write($this->layout, json_encode($layout, \JSON_THROW_ON_ERROR));
    }

    /** Why the notebook is not served, for the page that says so; null where it is. */
    public function refused(): ?string
    {
        $text = is_file($this->refusal) ? file_get_contents($this->refusal) : false;

        return $text === false ? null : $text;
    }

    public function refuse(?string $why): void
    {
        if ($why !== null) {
            Files::write($this->refusal, $why);
        } elseif (is_file($this->refusal)) {
            unlink($this->refusal);
        }
    }

    /** Which file stands there, as the file system numbers it; empty where none does. */
    public static function fileAt(string $path): string
    {
        clearstatcache(true, $path);
        $stat = @stat($path);

        return $stat === false ? '' : "{$stat['dev']}:{$stat['ino']}";
    }
}
