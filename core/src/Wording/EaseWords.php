<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Plan\HelpfulSpoon;
use IdleMixer\Core\Plan\RoundKind;
use IdleMixer\Core\Plan\RoundVolume;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says what would make measuring easier. */
final readonly class EaseWords
{
    /** @param array<string, string> $words */
    public function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('ease');

        return new self($words);
    }

    /** @param float $wanted mL */
    public function rounder(Scoop $scoop, float $wanted): string
    {
        $off = 100.0 * ($scoop->millilitres() / $wanted - 1.0);

        return $this->fill($off > 0.0 ? 'or-more' : 'or-less', ['scoop' => Measures::scoop($scoop), 'percent' => (string) max(1.0, round(abs($off)))]);
    }

    public function volume(RoundVolume $round, Unit $unit): string
    {
        $code = match ($round->kind) {
            RoundKind::Whole => 'volume-whole',
            RoundKind::AsWritten => 'volume-as-written',
            RoundKind::Fewer => 'volume-fewer',
        };

        return $this->fill($code, ['volume' => Measures::volume($round->volume->millilitres(), $unit), 'moves' => (string) MeasureLines::MOST_MOVES['value']]);
    }

    public function spoon(HelpfulSpoon $spoon): string
    {
        if ($spoon->closer === [] && $spoon->nearer !== []) {
            return $this->fill('spoon-nearer', ['measure' => Measures::measure($spoon->measure), 'names' => implode(' and ', $spoon->nearer)]);
        }

        return $spoon->closer === []
            ? $this->fill('spoon-fewer', ['measure' => Measures::measure($spoon->measure), 'count' => (string) $spoon->saved])
            : $this->fill('spoon-closer', ['measure' => Measures::measure($spoon->measure), 'names' => implode(' and ', $spoon->closer)]);
    }

    /** @param array<string, string> $args */
    private function fill(string $code, array $args): string
    {
        $pairs = [];
        foreach ($args as $key => $value) {
            $pairs['{' . $key . '}'] = $value;
        }

        return strtr($this->words[$code] ?? throw MissingWords::becauseOf($code), $pairs);
    }
}
