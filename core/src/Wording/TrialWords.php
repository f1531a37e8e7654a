<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Choice\NextTrial;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\LotTrial;
use IdleMixer\Core\Words\Say;

/** Says what a trial would tell, and what one told. */
final class TrialWords
{
    private const OF = 100.0;

    public static function next(NextTrial $next): string
    {
        $told = (int) round(self::OF * $next->size->power);
        $enough = $next->size->power >= EvidenceLines::TRIAL_POWER['value'];

        return Say::it('wording/trial-words.against-marked-leaves-half-and', ['one' => $next->one, 'other' => $next->other, 'units' => $next->size->units, 'times' => self::times(exp($next->gap)), 'told' => $told, 'value' => $enough ? '' : Say::it('wording/trial-words.more-leaves-than-these-are')]);
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
                $trial->before() === null => Say::it('wording/trial-words.count-every-leaf-before-anything'),
                ! $trial->isSprayed() => Say::it('wording/trial-words.all-are-counted-spray-each'),
                $looks === 0 => Say::it('wording/trial-words.sprayed-count-every-leaf-again'),
                default => Say::it('wording/trial-words.too-few-leaves-were-counted'),
            };
        }
        [$better, $worse] = $found->oneBetter ? [$one, $other] : [$other, $one];
        $ratio = 1.0 - $found->percent / 100.0;
        [$low, $high] = [1.0 - $found->high / 100.0, 1.0 - $found->low / 100.0];
        [$middle, $from, $to] = $found->oneBetter ? [1.0 / $ratio, 1.0 / $high, 1.0 / $low] : [$ratio, $low, $high];
        $words = Say::it('wording/trial-words.left-as-many-as-to', ['worse' => $worse, 'much' => self::much($middle), 'better' => $better, 'times' => self::times($from), 'times-2' => self::times($to)]);

        return $words . ' ' . ($trial->isSettled()
            ? Say::it('wording/trial-words.that-settles-trial-may-stop')
            : Say::it('wording/trial-words.that-settles-nothing-yet', ['value' => $looks < EvidenceLines::TRIAL_LOOKS['value'] ? Say::it('wording/trial-words.look-again-may-stop-at') : Say::it('wording/trial-words.all-three-looks-were-had')]));
    }

    /**
     * What is done when, and when it ends.
     *
     * @param list<string> $looks days of its looks; none as long as not all is sprayed
     * @param int|null     $apart hours between the sides, where they are too many
     */
    public static function plan(array $looks, ?int $apart): string
    {
        $days = array_map(strval(...), EvidenceLines::TRIAL_DAYS['value']);
        $words = $looks === []
            ? Say::it('wording/trial-words.plan', ['days' => self::listed($days)])
            : Say::it('wording/trial-words.plan-on', ['days' => self::listed($looks), 'last' => $looks[count($looks) - 1]]);

        return implode(' ', [$words, Say::it('wording/trial-words.nothing-else'), ...($apart === null ? [] : [Say::it('wording/trial-words.sides-apart', ['hours' => $apart])])]);
    }

    /** @param non-empty-list<string> $some */
    private static function listed(array $some): string
    {
        $last = array_pop($some);

        return $some === [] ? $last : Say::it('wording/trial-words.and', ['some' => implode(', ', $some), 'last' => $last]);
    }

    /** “6.8 times”; what rounds to once is about as many. */
    private static function much(float $times): string
    {
        $said = self::times($times);

        return $said === '1' ? 'about' : Say::it('wording/trial-words.times', ['said' => $said]);
    }

    private static function times(float $times): string
    {
        return Figures::short(round($times, $times < self::MANY ? 1 : 0));
    }

    private const MANY = 10.0;
}
