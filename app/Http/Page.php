<?php

declare(strict_types=1);

namespace App\Http;

/** The page of a screen: its frame and heading painted at once, what it asks for within it, what it runs announced. */
final readonly class Page
{
    /** @param string $folder where the built screens lie */
    public function __construct(private InnerCalls $calls, private string $folder) {}

    public static function isBuilt(string $folder): bool
    {
        return is_file("{$folder}/index.html");
    }

    public function of(?Screen $screen, string $theme): string
    {
        $page = (string) file_get_contents("{$this->folder}/index.html");
        $page = strtr($page, [
            '<!-- heading -->' => htmlspecialchars($screen->heading ?? ''),
            '<!-- answers -->' => $this->answers($screen),
            '</head>' => $this->announced($screen) . '</head>',
            '<html lang="en">' => $theme === '' ? '<html lang="en">' : "<html lang=\"en\" data-theme=\"{$theme}\">",
        ]);

        return $screen === null ? $page : str_replace("<a href=\"{$screen->place}\" class=\"place\"", "<a href=\"{$screen->place}\" aria-current=\"page\" class=\"place\"", $page);
    }

    /** As data, which the content policy does not run; no tag can begin in it. */
    private function answers(?Screen $screen): string
    {
        return $screen === null || $screen->asks === [] ? '' : '<script type="application/json" id="answers">' . str_replace('<', '\u003c', $this->calls->together($screen->asks)) . '</script>';
    }

    /** The module of the screen and all that it imports, so that they come beside the first script and not after it. */
    private function announced(?Screen $screen): string
    {
        $manifest = json_decode((string) @file_get_contents("{$this->folder}/.vite/manifest.json"), true);
        if ($screen === null || ! is_array($manifest)) {
            return '';
        }
        $wanted = ["js/screens/{$screen->module}.svelte"];
        $seen = [];
        while (($name = array_pop($wanted)) !== null) {
            $chunk = $manifest[$name] ?? null;
            if (is_array($chunk) && is_string($chunk['file'] ?? null) && ! isset($seen[$chunk['file']])) {
                $seen[$chunk['file']] = '<link rel="modulepreload" href="/build/' . htmlspecialchars($chunk['file']) . '">';
                array_push($wanted, ...array_filter((array) ($chunk['imports'] ?? []), is_string(...)));
            }
        }

        return implode('', $seen);
    }
}
