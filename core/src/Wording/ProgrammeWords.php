<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Population\Instead;
use IdleMixer\Core\Population\Programme;
use IdleMixer\Core\Population\Stage;
use IdleMixer\Core\Population\Wanted;
use IdleMixer\Core\Words\Say;

/** Says why so many rounds, and on these days. */
final class ProgrammeWords
{
    /**
     * @param float|null              $generation days from egg to adult; null where nothing develops
     * @param Instead|null $instead    what would end it where this spray does not; null where it does, or nothing would
     * @param bool         $tried      whether others were tried
     */
    public static function of(Programme $programme, Wanted $wanted, ?float $generation, ?Instead $instead = null, bool $tried = false): string
    {
        $rounds = count($programme->days);
        $spared = array_filter(Stage::cases(), static fn(Stage $stage): bool => $wanted->kill->of($stage) <= 0.0);

        return match (true) {
            $programme->ends() && $rounds === 0 => Say::it('wording/programme-words.over'),
            $programme->ends() && $generation !== null && in_array(Stage::Egg, $spared, true) && $rounds > 1 => Say::it('wording/programme-words.ends-after-eggs', ['rounds' => $rounds, 'days' => Figures::percent($generation)]),
            $programme->ends() && $rounds === 1 => Say::it('wording/programme-words.ends-one'),
            $programme->ends() => Say::it('wording/programme-words.ends', ['rounds' => $rounds]),
            $instead === null && $tried => Say::it('wording/programme-words.never-and-none', ['most' => $wanted->atMost]),
            $instead === null => Say::it('wording/programme-words.never', ['most' => $wanted->atMost]),
            $instead->inTurn => Say::it('wording/programme-words.never-but-in-turn', ['most' => $wanted->atMost, 'spray' => $instead->spray, 'rounds' => $instead->rounds]),
            $instead->rounds === 1 => Say::it('wording/programme-words.never-but-one', ['most' => $wanted->atMost, 'spray' => $instead->spray]),
            default => Say::it('wording/programme-words.never-but', ['most' => $wanted->atMost, 'spray' => $instead->spray, 'rounds' => $instead->rounds]),
        };
    }
}
