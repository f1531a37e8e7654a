<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Population\AheadDay;
use IdleMixer\Core\Population\Forecaster;
use IdleMixer\Core\Wording\ProgrammeWords;

/**
 * An outbreak as an open document: what was counted and sprayed, and how warm it is, to what is expected of each day, how fast it doubles and
 * grows up, and, where it is asked, the fewest rounds that end it.
 *
 * @phpstan-type ProgrammeRow array{rounds: list<string>, left: float, ended: bool, because: string}
 * @phpstan-type ForecastRow array{days: list<array{on: string, low: float, middle: float, high: float, stages: array<string, float>}>, doublingDays: float|null, generationDays: float|null, search: ProgrammeRow|null}
 */
final readonly class Forecasts
{
    public function __construct(private ForecastReader $reader, private Forecaster $forecaster) {}

    public static function shipped(): self
    {
        return new self(ForecastReader::shipped(), Forecaster::usual());
    }

    /**
     * @return ForecastRow
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function answer(Node $node): array
    {
        $ask = $this->reader->read($node);
        $forecast = $this->forecaster->of($ask->outbreak, $ask->counts, $ask->days);
        $on = static fn(int $day): string => $ask->start->modify("{$day} days")->format('Y-m-d');
        $wanted = $ask->wanted;
        $programme = $wanted === null ? null : $forecast->search($wanted);

        return [
            'days' => array_map(static fn(int $day, AheadDay $one): array => ['on' => $on($day), 'low' => $one->low, 'middle' => $one->middle, 'high' => $one->high, 'stages' => $one->stages], array_keys($forecast->days), $forecast->days),
            'doublingDays' => $forecast->doublingDays(),
            'generationDays' => $forecast->generationDays(),
            'search' => $programme === null ? null : [
                'rounds' => array_map($on, $programme->days),
                'left' => $programme->left,
                'ended' => $programme->ends(),
                'because' => ProgrammeWords::of($programme, $wanted, $forecast->generationDays()),
            ],
        ];
    }
}
