<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Leaf\ReadingReader;
use IdleMixer\Core\Leaf\WrittenLeaf;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\StandTest;

/** Says what one thing of a record was before it was changed. */
final readonly class ColumnWords
{
    /** @param array<string, string> $words */
    public function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('columns');

        return new self($words);
    }

    /** @return array{name: string, value: string}|null null for what nobody reads */
    public function of(string $column, mixed $value): ?array
    {
        $name = $this->words[$column] ?? null;

        return $name === null ? null : ['name' => $name, 'value' => match (true) {
            $value === null, $value === '' => 'nothing',
            in_array($column, ['bears_no_oil', 'rare', 'indoors', 'hand_work', 'rinsed', 'untreated'], true) => (bool) $value ? 'yes' : 'no',
            // Instants are kept in UTC; the screen says them as its clock does.
            is_string($value) && str_ends_with($column, '_at') => str_replace(' ', 'T', $value) . 'Z',
            is_string($value) && $column === 'by_eye' => self::amounts($value),
            is_string($value) && $column === 'stand_test' => StandTest::tryFrom($value)?->words() ?? $value,
            is_string($value) && $column === 'leaves' && str_starts_with($value, '[') => self::leaves($value),
            is_string($value) && in_array($column, ['each', 'counts', 'stages'], true) => self::figures($value),
            $column === 'helpers' => self::helpers($value),
            is_float($value) => Figures::short($value),
            is_scalar($value) => (string) $value,
            default => '',
        }];
    }

    /** @param mixed $seen natural enemies as JSON; of before, whether there were any */
    private static function helpers(mixed $seen): string
    {
        $all = is_string($seen) ? (array) json_decode($seen, true) : [];

        return match (true) {
            is_bool($seen), is_int($seen) => (bool) $seen ? 'yes' : 'no',
            $all === [] => 'none',
            default => lcfirst(WaitedWords::enemies(array_map(strval(...), array_keys($all)))),
        };
    }

    /** @param string $json counts in a row, or by stage */
    private static function figures(string $json): string
    {
        $all = (array) json_decode($json, true);
        $told = array_map(static fn(int|string $key, mixed $one): string => (is_string($key) ? "{$key} " : '') . (is_numeric($one) ? Figures::short((float) $one) : '?'), array_keys($all), array_values($all));

        return implode(array_is_list($all) ? ' ' : ', ', $told);
    }

    /** @param string $json how leaves looked */
    private static function leaves(string $json): string
    {
        return implode(', ', array_map(static fn(WrittenLeaf $leaf): string => "{$leaf->seen->number}: " . Figures::percent($leaf->seen->share) . ' %', ReadingReader::read(JsonText::parse($json), null)));
    }

    /** @param string $json numbers by code */
    private static function amounts(string $json): string
    {
        $all = json_decode($json, true);
        $told = array_map(static fn(string $code, mixed $ml): string => $code . ' ' . (is_int($ml) || is_float($ml) ? Figures::short((float) $ml) : ''), is_array($all) ? array_keys($all) : [], is_array($all) ? array_values($all) : []);

        return $told === [] ? 'nothing' : implode(', ', $told);
    }
}
