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

    private string $rejudged;

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
        $this->rejudged = "{$folder}/serve/rejudged.json";
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

    /**
     * Rounds that a newer version judges otherwise, until somebody has seen it.
     *
     * @return list<array{round: int, was: array{outcome: string, percent: float|null}, now: array{outcome: string, percent: float|null}}>
     */
    public function rejudged(): array
    {
        $all = [];
        foreach ($this->otherwise() as $one) {
            $was = is_array($one) ? self::judgement($one['was'] ?? null) : null;
            $now = is_array($one) ? self::judgement($one['now'] ?? null) : null;
            if (is_array($one) && is_int($one['round'] ?? null) && $was !== null && $now !== null) {
                $all[] = ['round' => $one['round'], 'was' => $was, 'now' => $now];
            }
        }

        return $all;
    }

    /** @return list<array{case: int, was: int|null, now: int|null}> cases that a newer version sprays after other days, until somebody has seen it */
    public function repaced(): array
    {
        $days = static fn(mixed $told): ?int => is_int($told) ? $told : null;
        $all = [];
        foreach ($this->otherwise() as $one) {
            if (is_array($one) && is_int($one['case'] ?? null)) {
                $all[] = ['case' => $one['case'], 'was' => $days($one['was'] ?? null), 'now' => $days($one['now'] ?? null)];
            }
        }

        return $all;
    }

    /** @return array<mixed> */
    private function otherwise(): array
    {
        $told = json_decode($this->judgedOtherwise(), true);

        return is_array($told) ? $told : [];
    }

    /**
     * @param list<array{round: int, was: array{outcome: string, percent: float|null}, now: array{outcome: string, percent: float|null}}> $rounds none of these nor of those: it was seen
     * @param list<array{case: int, was: int|null, now: int|null}>                                                                   $cases
     */
    public function rejudge(array $rounds, array $cases = []): void
    {
        if ($rounds !== [] || $cases !== []) {
            Files::write($this->rejudged, json_encode([...$rounds, ...$cases], \JSON_THROW_ON_ERROR));
        } elseif (is_file($this->rejudged)) {
            unlink($this->rejudged);
        }
    }

    /** All that a newer version judges otherwise, as it is written down; empty where nothing is. */
    public function judgedOtherwise(): string
    {
        return is_file($this->rejudged) ? (string) file_get_contents($this->rejudged) : '';
    }

    /** @return array{outcome: string, percent: float|null}|null */
    private static function judgement(mixed $told): ?array
    {
        $percent = is_array($told) ? $told['percent'] ?? null : null;

        return is_array($told) && is_string($told['outcome'] ?? null) && ($percent === null || is_numeric($percent)) ? ['outcome' => $told['outcome'], 'percent' => $percent === null ? null : (float) $percent] : null;
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
