<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Choice\RecordBook;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\RecordFacts;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\RecordWords;
use IdleMixer\Core\Words\Say;

/**
 * Which sprays worked, as open documents: cases with their rounds and counts to judged rounds and records.
 *
 * @phpstan-type RoundRow array{case: string, at: string, formula: string|null, reduction_percent: float|null, judged: bool, outcome: string, because: string}
 * @phpstan-type RecordRow array{pest: string, recipe: string, factor: float, rounds: int, judged: int, worked: int, median_reduction_percent: float|null, low: float|null, high: float|null, cases: int, effect_percent: float|null, effect_low: float|null, effect_high: float|null, shrunk_percent: float, verdict: string, because: string}
 */
final readonly class Worked
{
    public function __construct(private WorkedReader $reader, private Findings $findings, private RecordBook $book) {}

    public static function shipped(): self
    {
        return new self(WorkedReader::shipped(), Findings::shipped(), RecordBook::shipped());
    }

    /**
     * @return array{rounds: list<RoundRow>, records: list<RecordRow>}
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function answer(Node $node): array
    {
        $rounds = [];
        $told = [];
        foreach ($this->reader->read($node) as $case) {
            $history = new CaseHistory(array_map(static fn(ToldRound $round): Sprayed => $round->sprayed, $case->rounds), $case->counts);
            foreach ($history->trials() as $i => $trial) {
                $rounds[] = $this->round($case, $case->rounds[$i], $trial);
            }
            foreach ($history->judgements() as $one) {
                $told[] = new ToldEffect($case, $one->rounds, $one->trial);
            }
        }

        return ['rounds' => $rounds, 'records' => array_map($this->record(...), ToldRecords::of($told, $this->book))];
    }

    /** @return RoundRow */
    private function round(ToldCase $case, ToldRound $round, Trial $trial): array
    {
        $is = $trial->outcome()->isJudged();

        return [
            'case' => $case->id,
            'at' => $round->sprayed->at->format('Y-m-d\TH:i:s\Z'),
            'formula' => $is ? $trial->formula()?->value : null,
            'reduction_percent' => $is ? $trial->reduction() : null,
            'judged' => $is,
            'outcome' => $trial->outcome()->value,
            'because' => implode(' ', array_filter([$this->findings->trial($trial), $this->findings->formula($trial, $case->pest, Clumping::usual()), $is && $round->handWork ? Say::it('wording/record-words.hand-work') : ''], static fn(string $words): bool => $words !== '')),
        ];
    }

    /** @return RecordRow */
    private function record(ToldRecord $told): array
    {
        $record = $told->record;
        $interval = $record->interval();
        $estimate = $record->estimate();

        return [
            'pest' => $told->pest,
            'recipe' => implode(' + ', $told->recipes),
            'factor' => $told->factor,
            'rounds' => $record->rounds(),
            'judged' => count($record->judged()),
            'worked' => $record->worked(),
            'median_reduction_percent' => $record->medianReduction(),
            'low' => $interval === null ? null : 100.0 * $interval->low,
            'high' => $interval === null ? null : 100.0 * $interval->high,
            'cases' => $estimate->cases ?? 0,
            'effect_percent' => $estimate?->percent,
            'effect_low' => $estimate?->low,
            'effect_high' => $estimate?->high,
            'shrunk_percent' => $record->shrunk(),
            'verdict' => $record->verdict()->value,
            'because' => implode(' ', [RecordWords::verdict($record->verdict()), ...array_map($this->programme(...), $told->programmes), ...RecordWords::of(RecordFacts::of($record))]),
        ];
    }

    private function programme(ToldEffect $told): string
    {
        return "{$told->case->id}: " . $this->findings->trial($told->trial);
    }
}
