<?php

declare(strict_types=1);

/*
 * Compiles once, before the first request, every file that a request was seen to need.
 */
(static function (): void {
    $list = getenv('MIXER_PRELOAD_LIST');
    $text = is_string($list) && is_file($list) ? (string) file_get_contents($list) : '';
    foreach (explode("\n", $text) as $file) {
        if (is_file($file)) {
            // A class whose parent is compiled later is linked at its first use: the notice about it is no fault.
            @opcache_compile_file($file);
        }
    }
})();
