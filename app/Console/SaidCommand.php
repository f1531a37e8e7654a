<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;
use Illuminate\Console\Command;

/** A command whose help stands with the other words: `commands.php` has what it does and what each of its arguments and options is. */
abstract class SaidCommand extends Command
{
    public function __construct()
    {
        $own = explode(' ', substr($this->signature, strlen('mixer:')))[0];
        $words = Say::all('commands');
        $said = static fn(string ...$keys): string => $words[current(array_filter($keys, static fn(string $key): bool => isset($words[$key])))] ?? throw MissingWords::becauseOf("commands/{$keys[0]}");
        $this->description = $said("{$own}.does");
        $this->signature = preg_replace_callback(
            '/\{(-{0,2}([a-z]+)[^} ]*)\}/',
            static fn(array $found): string => '{' . $found[1] . ' : ' . $said("{$own}.{$found[2]}", "any.{$found[2]}") . '}',
            $this->signature,
        ) ?? '';
        parent::__construct();
    }
}
