<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Words\Say;

/** “Fill the rest with water”, “to the neck”, “two inches left”: read against the bottle that is filled, else asked. */
final class FillUp
{
    /** The water that it comes to, or what is asked; null where the line says nothing of the kind. */
    public static function of(string $line, ?Volume $bottle): ?Heard
    {
        $plain = mb_strtolower(trim(Pasted::plain($line), " .!\t"));
        /** @var array{short: list<string>, whole: list<string>} $said */
        $said = Say::words('reading/fills');
        $is = static fn(array $patterns): bool => array_filter($patterns, static fn(mixed $one): bool => is_string($one) && preg_match($one, $plain) === 1) !== [];
        if (mb_strlen($plain) > InputLines::LONGEST_FILL['value'] || preg_match('/\d/', $plain) === 1 && ! $is($said['short'])) {
            return null;
        }
        if ($is($said['short'])) {
            return Heard::asking(new Question(LineFinding::FillsHowFar, $plain, $bottle === null ? [] : array_map(static fn(float $share): array => self::answer($bottle->millilitres() * $share), InputLines::SHORT_OF_FULL['value'])));
        }

        return match (true) {
            ! $is($said['whole']) => null,
            $bottle === null => Heard::asking(new Question(LineFinding::FillsWhat, $plain, [])),
            default => Heard::things([], SpokenBasis::volume($bottle->millilitres(), new UnitMeaning(1.0, Unit::Millilitre, Unit::Millilitre->value), BasisOf::Finished)),
        };
    }

    /** @return array{words: string, line: string} */
    private static function answer(float $millilitres): array
    {
        $much = (string) round($millilitres);

        return ['words' => "{$much} mL", 'line' => Say::it('phrase/phrase-writer.made-up-to', ['much' => "{$much} mL"])];
    }
}
