<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Choice\WhyWhether;
use IdleMixer\Core\Evidence\Waited;
use IdleMixer\Core\Words\Say;

/** Says what waiting did. */
final class WaitedWords
{
    /**
     * Why nobody sprays for now.
     *
     * @param list<string> $seen slugs of natural enemies that were there
     */
    public static function waiting(WhyWhether $because, array $seen): string
    {
        return match (true) {
            $because === WhyWhether::Enemies && $seen !== [] => Say::it('wording/waited-words.enemies', ['enemies' => self::enemies($seen)]),
            $because === WhyWhether::Few => Say::it('wording/waited-words.few'),
            $because === WhyWhether::Picked => Say::it('wording/waited-words.picked'),
            $because === WhyWhether::Dry => Say::it('wording/waited-words.dry'),
            default => Say::it('wording/waited-words.for-now'),
        };
    }

    /**
     * What to mind of them before a round; empty where none was seen.
     *
     * @param list<string> $seen slugs of natural enemies
     */
    public static function friends(array $seen): string
    {
        return $seen === [] ? '' : Say::it('wording/waited-words.friends', ['enemies' => ucfirst(self::enemies($seen))]);
    }

    /**
     * That they were there; empty where none was seen.
     *
     * @param list<string> $seen slugs of natural enemies
     */
    public static function seen(array $seen): string
    {
        return $seen === [] ? '' : Say::it('wording/waited-words.seen', ['enemies' => ucfirst(self::enemies($seen))]);
    }

    /** @param list<string> $slugs */
    public static function enemies(array $slugs): string
    {
        return implode(Say::it('wording/choice-words.and'), array_map(static fn(string $slug): string => lcfirst(Say::it("enemies/{$slug}")), $slugs));
    }

    /** Empty where nothing is known of it. */
    public static function of(Waited $waited): string
    {
        return match (true) {
            $waited->judged === 0 => '',
            $waited->withEnemies > 0 => Say::it('wording/waited-words.with-enemies', ['worked' => $waited->worked, 'judged' => $waited->judged, 'gone' => $waited->gone, 'enemies' => $waited->withEnemies]),
            default => Say::it('wording/waited-words.worked', ['worked' => $waited->worked, 'judged' => $waited->judged, 'gone' => $waited->gone]),
        };
    }
}
