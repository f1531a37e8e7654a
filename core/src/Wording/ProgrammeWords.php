<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Population\Programme;
use IdleMixer\Core\Population\Stage;
use IdleMixer\Core\Population\Wanted;
use IdleMixer\Core\Words\Say;

/** Says why so many rounds, and on these days. */
final class ProgrammeWords
{
    /**
     * @param float|null              $generation days from egg to adult; null where nothing develops
     * @param array{string, int}|null $instead    a spray that would end it where this one does not, and with how many rounds
     */
    public static function of(Programme $programme, Wanted $wanted, ?float $generation, ?array $instead = null): string
    {
        $rounds = count($programme->days);
        $spared = array_filter(Stage::cases(), static fn(Stage $stage): bool => $wanted->kill->of($stage) <= 0.0);

        return match (true) {
            $programme->ends() && $rounds === 0 => Say::it('wording/programme-words.over'),
            $programme->ends() && $generation !== null && in_array(Stage::Egg, $spared, true) && $rounds > 1 => Say::it('wording/programme-words.ends-after-eggs', ['rounds' => $rounds, 'days' => Figures::percent($generation)]),
            $programme->ends() && $rounds === 1 => Say::it('wording/programme-words.ends-one'),
            $programme->ends() => Say::it('wording/programme-words.ends', ['rounds' => $rounds]),
            $instead !== null && $instead[1] === 1 => Say::it('wording/programme-words.never-but-one', ['most' => $wanted->atMost, 'spray' => $instead[0]]),
            $instead !== null => Say::it('wording/programme-words.never-but', ['most' => $wanted->atMost, 'spray' => $instead[0], 'rounds' => $instead[1]]),
            default => Say::it('wording/programme-words.never', ['most' => $wanted->atMost]),
        };
    }
}
