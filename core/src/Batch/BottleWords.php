<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Wording\Figures;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Load;

/** Says where what is mixed stands, what comes next with it, and what happened to it. */
final readonly class BottleWords
{
    private const PERCENT = 100.0;

    /** @param array<string, string> $words */
    private function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('bottles');

        return new self($words);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function state(Bottle $bottle, DateTimeImmutable $now): string
    {
        $end = $bottle->end($now);
        $state = $bottle->state($now);
        $several = $state->isBeforeMixed() && $bottle->loads > 1;

        return $this->filled($end === null ? $state->value . ($several ? '/load' : '') : $end->value, self::loads($bottle));
    }

    /**
     * @param string         $plant it is meant for; empty where none is
     * @param NextSpoon|null $spoon that goes in next; null where none does, or nobody asks
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function act(BottleAct $act, Bottle $bottle, string $plant, ?NextSpoon $spoon): string
    {
        $key = 'act/' . $act->value;
        $own = match (true) {
            $act === BottleAct::GoOn && $spoon !== null => '/spoon',
            $plant !== '' && isset($this->words["{$key}/plant"]) => '/plant',
            default => '',
        };

        return $this->filled($key . $own, [...self::loads($bottle), 'plant' => $plant, 'name' => $spoon->name ?? '', 'number' => $spoon->number ?? 0, 'of' => $spoon->of ?? 0]);
    }

    /**
     * What happened to it.
     *
     * @param Load $load that it happened to
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function line(BottleLine $line, Load $load, Unit $unit): string
    {
        $water = $line->water;
        $toMark = $line->kind === BottleLineKind::Thinned && $water === null;

        return $this->filled('line/' . $line->kind->value . ($toMark ? '/mark' : ''), [
            'what' => match ($line->kind) {
                BottleLineKind::Swapped => self::names($line),
                BottleLineKind::Thinned => Say::it('batch/bottle-words.water', ['volume' => Measures::volume($water ?? 0.0, $unit)]),
                BottleLineKind::OverRest => Measures::volume((new Mixture($water ?? 0.0, $line->parts, []))->finished(), $unit),
                default => Measures::volume(array_sum(array_map(static fn(Part $part): float => $part->millilitres, $line->parts)), $unit) . ' ' . self::names($line),
            },
            'percent' => Figures::short(round(self::PERCENT * $line->lost)),
            'item' => isset($load->items[$line->item]) ? $load->items[$line->item]->name() : '',
        ]);
    }

    private static function names(BottleLine $line): string
    {
        return implode(', ', array_map(static fn(Part $part): string => $part->ingredient->name, $line->parts));
    }

    /** @return array<string, int> */
    private static function loads(Bottle $bottle): array
    {
        return ['load' => $bottle->nextLoad() ?? $bottle->loads, 'loads' => $bottle->loads];
    }

    /** @param array<string, int|string> $known */
    private function filled(string $key, array $known): string
    {
        $fill = [];
        foreach ($known as $name => $value) {
            $fill["{{$name}}"] = (string) $value;
        }

        return strtr($this->words[$key] ?? throw MissingWords::becauseOf($key), $fill);
    }
}
