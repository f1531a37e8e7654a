<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Reads the method of a recipe document: every key may be left out, and is then what is proposed. */
final class MethodReader
{
    private const KEYS = ['surface', 'agitation', 'vessel', 'before', 'wet', 'soakMinutes', 'brush', 'secondSoakMinutes', 'rinse', 'after', 'everyDays', 'inARow', 'inTurnWith', 'firstLookHours', 'judgeHours', 'against'];

    private const SLUG = '/\A[a-z0-9]+(?:-[a-z0-9]+)*\z/';

    /**
     * @param Method $proposed what holds where nothing is said
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public static function read(Node $node, Method $proposed): Method
    {
        $object = $node->object(self::KEYS);
        $said = static fn(string $key): ?Node => $object->filled($key);
        $isSaid = static fn(string $key): bool => $object->has($key);

        return new Method(
            self::one($said('surface'), Onto::class, $proposed->surface),
            self::one($said('agitation'), Agitation::class, $proposed->agitation),
            self::one($said('vessel'), Vessel::class, $proposed->vessel),
            self::chores($said('before'), $proposed->before),
            self::one($said('wet'), Wetness::class, $proposed->wet),
            $isSaid('soakMinutes') ? self::minutes($said('soakMinutes')) : $proposed->soakMinutes,
            $said('brush')?->flag() ?? $proposed->brush,
            $isSaid('secondSoakMinutes') ? self::minutes($said('secondSoakMinutes')) : $proposed->secondSoakMinutes,
            self::one($said('rinse'), Rinse::class, $proposed->rinse),
            self::chores($said('after'), $proposed->after),
            self::rhythms($said('everyDays'), $proposed),
            $isSaid('inARow') ? $said('inARow')?->whole(1, InputLines::MOST_ROWS['value']) : $proposed->inARow,
            self::slugs($said('inTurnWith'), $proposed->inTurnWith),
            self::slugs($said('against'), $proposed->against),
            self::hours($said('firstLookHours')) ?? $proposed->firstLookHours,
            self::hours($said('judgeHours')) ?? $proposed->judgeHours,
            $proposed->lastsDays,
            $proposed->source,
            thenAfter: $isSaid('everyDays') ? null : $proposed->thenAfter,
            thenDays: $isSaid('everyDays') ? null : $proposed->thenDays,
        );
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     * @param T               $proposed
     *
     * @return T
     */
    private static function one(?Node $node, string $enum, \BackedEnum $proposed): \BackedEnum
    {
        if ($node === null) {
            return $proposed;
        }
        $words = array_map(static fn(\BackedEnum $one): string => (string) $one->value, $enum::cases());

        return $enum::from($node->word($words, Say::it('method/method-reader.word')));
    }

    /**
     * @param list<Chore> $proposed
     *
     * @return list<Chore>
     */
    private static function chores(?Node $node, array $proposed): array
    {
        return $node === null ? $proposed : array_map(static fn(Node $one): Chore => Chore::from($one->word(array_column(Chore::cases(), 'value'), Say::it('method/method-reader.chore'))), $node->items(0, count(Chore::cases()), Say::it('method/method-reader.chores')));
    }

    /**
     * @param list<string> $proposed
     *
     * @return list<string>
     */
    private static function slugs(?Node $node, array $proposed): array
    {
        return $node === null ? $proposed : array_map(static function (Node $one): string {
            $slug = $one->text(InputLines::LONGEST_SLUG['value'], 1);

            return preg_match(self::SLUG, $slug) === 1 ? $slug : throw $one->fault(Say::it('recipe/recipe-reader.slug-small-letters-and-digits'));
        }, $node->items(0, InputLines::MOST_ROWS['value'], Say::it('method/method-reader.slugs')));
    }

    /** @return array<string, Rhythm> */
    private static function rhythms(?Node $node, Method $proposed): array
    {
        $object = $node?->object(array_column(Pressure::cases(), 'value'));
        $all = [];
        foreach (Pressure::cases() as $at) {
            $said = $object?->optional($at->value);
            $all[$at->value] = $said === null ? $proposed->every($at) : Rhythm::of(match (true) {
                $said->isNull() => null,
                $said->isString() => $said->word([Rhythm::ONCE], Say::it('method/method-reader.rhythm')),
                default => $said->whole(1, InputLines::LONGEST_DAYS['value']),
            });
        }

        return $all;
    }

    private static function minutes(?Node $node): ?int
    {
        return $node?->whole(1, InputLines::LONGEST_SOAK['value']);
    }

    private static function hours(?Node $node): ?float
    {
        return $node?->positive(InputLines::LONGEST_DAYS['value'] * 24.0);
    }
}
