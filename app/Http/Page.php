<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Middleware\SecurityHeaders;
use IdleMixer\Core\Habit\Written;

/** The page of a screen: its frame and heading first, what it runs announced, and what it asks for within it. */
final readonly class Page
{
    private const ANSWERS = '<!-- answers -->';

    private const OPENING = '/api/opening';

    /** Those that every screen begins with. */
    private const FIRST_FONTS = '/(atkinson|public-sans).*-normal-.*\.woff2$/';

    /**
     * @param string $folder   where the built screens lie
     * @param string $style    what is painted before anything else has come
     * @param string $notebook which notebook its answers are of
     */
    public function __construct(private InnerCalls $calls, private string $folder, private string $style, private string $notebook) {}

    /** What the content policy has to allow for it: its own style and no other. */
    public function policy(): string
    {
        return str_replace("style-src 'self'", "style-src 'self' 'sha256-" . base64_encode(hash('sha256', $this->style, true)) . "'", SecurityHeaders::POLICY);
    }

    public static function isBuilt(string $folder): bool
    {
        return is_file("{$folder}/index.html");
    }

    /**
     * The frame goes out before anything is asked, so that it is painted meanwhile.
     *
     * @return iterable<string>
     */
    public function parts(?Screen $screen, string $theme): iterable
    {
        [$frame, $rest] = explode(self::ANSWERS, $this->frame($screen, $theme), 2);
        yield $frame;
        $asks = $screen->asks ?? [];
        $opening = array_values(array_filter($asks, static fn(string $path): bool => str_starts_with($path, self::OPENING)));
        $answers = $this->calls->each($opening);
        // What hands wait for goes out before the rest is asked.
        foreach ($answers as [$status, $body]) {
            yield $status === 200 ? FirstPlan::of($body) : '';
        }
        yield self::within([...$answers, ...$this->calls->each(array_values(array_diff($asks, $opening)))]) . $rest;
    }

    private function frame(?Screen $screen, string $theme): string
    {
        $page = (string) file_get_contents("{$this->folder}/index.html");
        $page = strtr($page, [
            '<!-- heading -->' => htmlspecialchars($screen->heading ?? ''),
            '</head>' => "<style>{$this->style}</style>" . $this->announced($screen) . $this->notebook($screen) . '</head>',
            '<html lang="en">' => $theme === '' ? '<html lang="en">' : "<html lang=\"en\" data-theme=\"{$theme}\">",
        ]);

        return $screen === null ? $page : str_replace("<a href=\"{$screen->place}\" class=\"place\"", "<a href=\"{$screen->place}\" aria-current=\"page\" class=\"place\"", $page);
    }

    /**
     * As data, which the content policy does not run; no tag can begin in it.
     *
     * @param array<string, array{int, string}> $answers
     */
    private static function within(array $answers): string
    {
        return $answers === [] ? '' : '<script type="application/json" id="answers">' . str_replace('<', '\u003c', InnerCalls::json($answers)) . '</script>';
    }

    /** The frame alone is kept on devices, and lasts longer than a notebook. */
    private function notebook(?Screen $screen): string
    {
        $mark = $this->notebook === '' ? '' : '<meta name="notebook" content="' . htmlspecialchars($this->notebook) . '">';

        return $screen === null ? '' : $mark . '<meta name="writes" content="' . Written::code() . '">';
    }

    /** The module of the screen and all that it imports: fetched together once the frame is painted, and not one after the other. */
    private function announced(?Screen $screen): string
    {
        $manifest = json_decode((string) @file_get_contents("{$this->folder}/.vite/manifest.json"), true);
        if ($screen === null || ! is_array($manifest)) {
            return '';
        }
        $wanted = ["js/screens/{$screen->module}.svelte", 'js/begin.ts'];
        $files = [];
        while (($name = array_pop($wanted)) !== null) {
            $chunk = $manifest[$name] ?? null;
            if (is_array($chunk) && is_string($chunk['file'] ?? null) && ! isset($files[$chunk['file']])) {
                $found = [...(array) ($chunk['css'] ?? []), $chunk['file'], ...(array) ($chunk['assets'] ?? [])];
                foreach (array_filter($found, is_string(...)) as $file) {
                    if (! str_contains($file, '.woff') || preg_match(self::FIRST_FONTS, $file) === 1) {
                        $files[$file] = true;
                    }
                }
                array_push($wanted, ...array_filter((array) ($chunk['imports'] ?? []), is_string(...)));
            }
        }

        return '<meta name="announced" content="' . htmlspecialchars(implode(' ', array_map(static fn(string $file): string => "/build/{$file}", array_keys($files)))) . '">';
    }
}
