<?php

declare(strict_types=1);

/*
 * PHP 8.5 functions that the framework calls through a polyfill package which
 * the registry lacks. Delete this folder when `symfony/polyfill-php85` and
 * `symfony/clock` can be installed.
 */

if (! function_exists('array_first')) {
    /**
     * @template T
     *
     * @param  array<array-key, T>  $array
     * @return T|null
     */
    function array_first(array $array): mixed
    {
        foreach ($array as $value) {
            return $value;
        }

        return null;
    }
}

if (! function_exists('array_last')) {
    /**
     * @template T
     *
     * @param  array<array-key, T>  $array
     * @return T|null
     */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}

if (! function_exists('get_error_handler')) {
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(null);
        restore_error_handler();

        return $handler;
    }
}

if (! function_exists('get_exception_handler')) {
    function get_exception_handler(): ?callable
    {
        $handler = set_exception_handler(null);
        restore_exception_handler();

        return $handler;
    }
}
