<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Evidence\Association;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says what went with success or failure, and that it need not be why. */
final class AssociationWords
{
    public static function of(Association $one): string
    {
        [$with, $without] = self::sides($one);

        return Say::it('wording/association-words.worked-in-of-in-of', ['worked' => $one->worked, 'of' => $one->of, 'with' => $with, 'other-worked' => $one->otherWorked, 'other-of' => $one->otherOf, 'without' => $without, 'round' => (int) round(100.0 * $one->low), 'round-2' => (int) round(100.0 * $one->high)]);
    }

    /** The side on which it worked oftener. */
    public static function better(Association $one): string
    {
        [$with, $without] = self::sides($one);

        return $one->difference > 0.0 ? $with : $without;
    }

    /** @return array{string, string} with it, and without */
    private static function sides(Association $one): array
    {
        /** @var array<string, array{string, string}> $words */
        $words = Say::words('facts');

        return $words[$one->fact->value] ?? throw MissingWords::becauseOf($one->fact->value);
    }
}
