<?php

declare(strict_types=1);

/*
 * Two sets of packages live side by side: `vendor` with the development tools, for ./check, and `var/vendor` without
 * them, for ./start. Whoever serves says which through COMPOSER_VENDOR_DIR; the framework reads the same variable.
 */
(static function (): void {
    $root = dirname(__DIR__);
    $said = getenv('COMPOSER_VENDOR_DIR');
    $vendor = is_string($said) && $said !== '' ? $said : (is_dir("{$root}/vendor") ? "{$root}/vendor" : "{$root}/var/vendor");
    if (! is_file("{$vendor}/autoload.php")) {
        fwrite(\STDERR, "The packages are not installed yet: run ./start or ./check once.\n");
        exit(1);
    }
    putenv("COMPOSER_VENDOR_DIR={$vendor}");
    require "{$vendor}/autoload.php";
})();
