<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\StandIn;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Load;

/**
 * Puts a way out into words. How far off a strength is, is said by its size.
 *
 * @phpstan-type Words array<string, array{title: string, text: string}|array<string, string>|string>
 */
final readonly class WayOutWords
{
    /** @param Words $words */
    public function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var Words $words */
        $words = Say::words('ways-out');

        return new self($words);
    }

    /**
     * @return array{title: string, text: string}
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function remedy(Remedy $remedy, Load $load, Unit $unit): array
    {
        $row = $this->row($remedy->kind->value);
        $text = strtr($row['text'] . $this->ending($remedy), [
            '{items}' => $this->items($remedy, $load, $unit),
            '{off}' => self::poured($remedy->pourOff, $unit),
            '{size}' => $this->size($remedy),
            '{short}' => $this->short($remedy),
            '{finished}' => Measures::volume($remedy->finished, $unit),
        ]);

        return ['title' => $row['title'], 'text' => trim((string) preg_replace('/ {2,}/', ' ', $text))];
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function title(RemedyKind $kind): string
    {
        return $this->row($kind->value)['title'];
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function say(string $key): string
    {
        $words = $this->words[$key] ?? null;

        return is_string($words) ? $words : throw MissingWords::becauseOf($key);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function standIn(StandIn $one): string
    {
        return strtr($this->say('stand-in'), [
            '{scoops}' => Measures::scoops($one->measured),
            '{with}' => $one->with->name,
            '{mL}' => Measures::metric($one->measured->millilitres()),
            '{missing}' => Measures::metric($one->missing),
            '{spent}' => $one->spent,
            '{cost}' => StandInWords::cost($one->cost),
        ]);
    }

    /** “about half as strong as planned”; where things are off by different much, each for itself. */
    private function size(Remedy $remedy): string
    {
        $said = array_map(fn(array $times): string => implode(' to ', array_unique([$this->one($times[0]), $this->one($times[1])])), $remedy->times);
        if (count(array_unique($said)) <= 1) {
            return $said === [] ? $this->each('sizes', 'same') : array_values($said)[0];
        }
        $parts = [];
        foreach ($said as $what => $size) {
            $group = SubstanceGroup::from($what)->words();
            $parts[] = $size === $this->each('sizes', 'nothing') ? strtr($this->each('sizes', 'nothing-of'), ['{what}' => $group]) : "{$group} {$size}";
        }

        return implode(', ', $parts);
    }

    private function one(float $times): string
    {
        foreach (VesselLines::STRENGTH_WORDS['value'] as $word => $up) {
            if ($times < $up) {
                return $this->each('sizes', $word);
            }
        }

        return strtr($this->each('sizes', 'times'), ['{times}' => Figures::short(round($times, 1))]);
    }

    private function short(Remedy $remedy): string
    {
        $oil = array_intersect_key($remedy->times, [SubstanceGroup::Oil->value => true, SubstanceGroup::Essential->value => true]) !== [];
        $told = static fn(string $what): string => $what === SubstanceGroup::Soap->value && ! $oil ? 'soap-alone' : $what;

        return implode(' ', array_map(fn(string $what): string => $this->each('short', $told($what)), $remedy->short())) . ' ';
    }

    /** @return array{title: string, text: string} */
    private function row(string $key): array
    {
        $row = $this->words[$key] ?? null;

        return is_array($row) && isset($row['title'], $row['text']) ? ['title' => $row['title'], 'text' => $row['text']] : throw MissingWords::becauseOf($key);
    }

    private function each(string $list, string $key): string
    {
        $row = $this->words[$list] ?? null;

        return is_array($row) && isset($row[$key]) ? $row[$key] : throw MissingWords::becauseOf("{$list}/{$key}");
    }

    private function ending(Remedy $remedy): string
    {
        if (in_array($remedy->kind, [RemedyKind::AsItIs, RemedyKind::GlassTells, RemedyKind::WithinLimits, RemedyKind::Drench, RemedyKind::Discard], true)) {
            return '';
        }
        $most = $remedy->wasted > VesselLines::HALF['value'] ? ' ' . $this->say('most-of-it') : '';

        return ' ' . $this->say($remedy->asPlanned ? 'as-planned' : 'within') . $most;
    }

    /** By the cups of the household, and exactly beside it. */
    private static function poured(float $millilitres, Unit $unit): string
    {
        $metric = Measures::metric($millilitres);

        return in_array($unit, [Unit::Millilitre, Unit::Litre], true) ? $metric : Measures::roughly($millilitres, $unit) . " ({$metric})";
    }

    private function items(Remedy $remedy, Load $load, Unit $unit): string
    {
        $parts = [];
        foreach ($remedy->add as $key => $plan) {
            $item = $load->items[$key];
            $parts[] = Measures::of($plan, $item->name()) . ' (' . Measures::metric($plan->millilitres()) . ')';
        }
        if ($remedy->water > 0.0) {
            $parts[] = Say::it('wording/way-out-words.of-water', ['poured' => self::poured($remedy->water, $unit)]);
        }

        return implode(', then ', $parts);
    }
}
