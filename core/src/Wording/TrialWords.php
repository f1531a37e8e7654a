<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Choice\NextTrial;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\LotTrial;

/** Says what a trial would tell, and what one told. */
final class TrialWords
{
    private const OF = 100.0;

    public static function next(NextTrial $next): string
    {
        $told = (int) round(self::OF * $next->size->power);
        $enough = $next->size->power >= EvidenceLines::TRIAL_POWER['value'];

        return sprintf(
            '%s against %s: %d marked leaves, half and half by lot. Where one leaves %s times as much as the other, %d of 100 such trials would tell (simulated%s).',
            $next->one,
            $next->other,
            $next->size->units,
            self::times(exp($next->gap)),
            $told,
            $enough ? '' : '; more leaves than these are hardly counted, so it may stay open',
        );
    }

    /**
     * @param string $one   the first spray
     * @param string $other the second
     */
    public static function result(LotTrial $trial, string $one, string $other): string
    {
        $found = $trial->result();
        $looks = count($trial->after());
        if ($found === null) {
            return match (true) {
                $trial->before() === null => 'Count every leaf before anything is sprayed.',
                ! $trial->isSprayed() => 'All are counted. Spray each with its own, and count again at the fair look.',
                $looks === 0 => 'Sprayed. Count every leaf again at the fair look.',
                default => 'Too few leaves were counted before and after: two of each at least.',
            };
        }
        [$better, $worse] = $found->oneBetter ? [$one, $other] : [$other, $one];
        $ratio = 1.0 - $found->percent / 100.0;
        [$low, $high] = [1.0 - $found->high / 100.0, 1.0 - $found->low / 100.0];
        [$middle, $from, $to] = $found->oneBetter ? [1.0 / $ratio, 1.0 / $high, 1.0 / $low] : [$ratio, $low, $high];
        $words = sprintf('%s left %s as many as %s (%s to %s, 19 times of 20; Welch 1947).', $worse, self::much($middle), $better, self::times($from), self::times($to));

        return $words . ' ' . ($trial->isSettled()
            ? 'That settles it: the trial may stop (Pocock 1977, three looks).'
            : 'That settles nothing yet: ' . ($looks < EvidenceLines::TRIAL_LOOKS['value'] ? 'look again, it may stop at one of three looks.' : 'all three looks were had; they are about as good as each other, or more leaves are needed.'));
    }

    /** “6.8 times”; what rounds to once is about as many. */
    private static function much(float $times): string
    {
        $said = self::times($times);

        return $said === '1' ? 'about' : "{$said} times";
    }

    private static function times(float $times): string
    {
        return Figures::short(round($times, $times < self::MANY ? 1 : 0));
    }

    private const MANY = 10.0;
}
