<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\RecordWords;

/**
 * Which sprays worked, as open documents: cases with their rounds and counts to judged rounds and records.
 *
 * @phpstan-type RoundRow array{case: string, at: string, formula: string|null, reduction_percent: float|null, judged: bool, outcome: string, because: string}
 * @phpstan-type RecordRow array{pest: string, recipe: string, factor: float, rounds: int, judged: int, worked: int, median_reduction_percent: float|null, low: float|null, high: float|null, verdict: string, because: string}
 */
final readonly class Worked
{
    public function __construct(private WorkedReader $reader, private Findings $findings) {}

    public static function shipped(): self
    {
        return new self(WorkedReader::shipped(), Findings::shipped());
    }

    /**
     * @return array{rounds: list<RoundRow>, records: list<RecordRow>}
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function answer(Node $node): array
    {
        $rounds = [];
        /** @var array<string, non-empty-list<array{ToldCase, non-empty-list<int>, Trial}>> $judged */
        $judged = [];
        foreach ($this->reader->read($node) as $case) {
            $history = new CaseHistory(array_map(static fn(ToldRound $round): Sprayed => $round->sprayed, $case->rounds), $case->counts);
            foreach ($history->trials() as $i => $trial) {
                $rounds[] = $this->round($case, $case->rounds[$i], $trial);
            }
            foreach ($history->judgements() as $one) {
                $sprays = array_values(array_unique(array_map(static fn(int $i): string => $case->rounds[$i]->sprayed->spray, $one->rounds)));
                $judged["{$case->pest}\n" . implode(' + ', $sprays)][] = [$case, $one->rounds, $one->trial];
            }
        }

        return ['rounds' => $rounds, 'records' => array_map($this->record(...), array_values($judged))];
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
            'because' => $this->findings->trial($trial) . ($is && $round->handWork ? ' ' . RecordWords::HAND_WORK : ''),
        ];
    }

    /**
     * @param non-empty-list<array{ToldCase, non-empty-list<int>, Trial}> $rows of one pest and one spray
     *
     * @return RecordRow
     */
    private function record(array $rows): array
    {
        [$case, $first] = $rows[0];
        $recipes = array_values(array_unique(array_map(static fn(int $i): string => $case->rounds[$i]->recipe, $first)));
        $hand = array_filter($rows, static fn(array $row): bool => $row[2]->outcome()->isJudged() && array_filter($row[1], static fn(int $i): bool => $row[0]->rounds[$i]->handWork) !== []);
        $record = new Record(array_map(static fn(array $row): Trial => $row[2], $rows), count($hand), 0, 0);
        $interval = $record->interval();

        return [
            'pest' => $case->pest,
            'recipe' => implode(' + ', $recipes),
            'factor' => $case->rounds[$first[0]]->factor,
            'rounds' => array_sum(array_map(static fn(array $row): int => count($row[1]), $rows)),
            'judged' => count($record->judged()),
            'worked' => $record->worked(),
            'median_reduction_percent' => $record->medianReduction(),
            'low' => $interval === null ? null : 100.0 * $interval->low,
            'high' => $interval === null ? null : 100.0 * $interval->high,
            'verdict' => $record->verdict()->value,
            'because' => implode(' ', [RecordWords::verdict($record->verdict()), ...array_map($this->programme(...), array_values(array_filter($rows, static fn(array $row): bool => count($row[1]) > 1))), ...RecordWords::of($record)]),
        ];
    }

    /** @param array{ToldCase, non-empty-list<int>, Trial} $row */
    private function programme(array $row): string
    {
        return "{$row[0]->id}: " . $this->findings->trial($row[2]);
    }
}
