<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\WeighedSpray;
use App\Records\WaitBook;
use App\Records\WeighedFacts;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Evidence\Association;
use IdleMixer\Core\Evidence\NextBatch;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\AssociationWords;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\FamilyWords;
use IdleMixer\Core\Wording\RecordWords;
use IdleMixer\Core\Wording\WaitedWords;

/** Tells what one spray did to one pest, from the figures that are kept of it. */
final readonly class WorkedAnswers
{
    public function __construct(private TroubleCatalogue $troubles, private SourceCatalogue $sources) {}

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidDocument when what is kept cannot be read
     */
    public function of(WeighedSpray $row): array
    {
        $facts = WeighedFacts::remembered($row->facts);

        return [
            'pest' => $row->pest,
            'pestName' => $this->troubles->trouble($row->pest)->name,
            'recipe' => ['slug' => $row->slug, 'name' => $row->name],
            'family' => FamilyWords::of($facts->family),
            'strength' => CompositionWords::of($facts->spray),
            ...self::figures($facts),
            'outcomes' => $facts->outcomes,
            'left' => $facts->left,
            ...$this->words($facts),
            'lastBatch' => $facts->lastBatch,
            'lastPlant' => $row->last_plant,
        ];
    }

    /** What to take against what, of all that was sprayed. */
    public function inShort(): string
    {
        $best = WeighedSpray::query()->where('rank', 1)->orderBy('pest')->get(['pest', 'name', 'verdict']);

        return RecordWords::inShort(array_values($best->map(fn(WeighedSpray $row): array => [$this->troubles->trouble($row->pest)->name, $row->name, RecordVerdict::from($row->verdict)])->all()));
    }

    /** @return list<array{pest: string, pestName: string, words: string}> what waiting did instead, by trouble */
    public function waited(): array
    {
        $told = [];
        foreach (WaitBook::results() as $pest => $waited) {
            $words = WaitedWords::of($waited);
            if ($words !== '') {
                $told[] = ['pest' => $pest, 'pestName' => $this->troubles->trouble($pest)->name, 'words' => $words];
            }
        }

        return $told;
    }

    /** @return array<string, mixed> */
    private static function figures(WeighedFacts $facts): array
    {
        $record = $facts->record;
        $tally = $record->tally;

        return [
            'rounds' => $tally->rounds,
            'judged' => $tally->judged,
            'worked' => $tally->worked,
            'compared' => $tally->compared,
            'withHandWork' => $tally->withHandWork,
            'cases' => $facts->cases,
            'closed' => $facts->closed,
            'leafTests' => $tally->leafTests,
            'marked' => $tally->marked,
            'burntAfter' => $tally->burntAfter,
            'medianReductionPercent' => $record->median,
            'lowPercent' => $record->share === null ? null : 100.0 * $record->share->low,
            'highPercent' => $record->share === null ? null : 100.0 * $record->share->high,
            'effectPercent' => $record->estimate?->percent,
            'effectLow' => $record->estimate?->low,
            'effectHigh' => $record->estimate?->high,
            'effect' => RecordWords::range($record),
            'shrunkPercent' => $record->shrunk,
            'sure' => $record->sureness->value,
            'roundsNeeded' => $record->roundsNeeded,
            'litresPerCase' => $facts->litres,
            'minutesPerCase' => $facts->minutes,
        ];
    }

    /** @return array<string, mixed> */
    private function words(WeighedFacts $facts): array
    {
        $record = $facts->record;
        $verdict = $record->reason->verdict();
        $source = $this->sources->get($record->reason->source());

        return [
            'verdict' => $verdict->value,
            'verdictWords' => RecordWords::verdict($verdict),
            'next' => RecordWords::next($facts->lastBatch === null ? NextBatch::ofBought($record) : NextBatch::of($record, $facts->associations), $record, $facts->associations),
            'reason' => RecordWords::reason($record),
            'standing' => $source->standing->value,
            'source' => $source->words(),
            'because' => RecordWords::of($record),
            'wentWith' => array_map(static fn(Association $one): string => AssociationWords::of($one), $facts->associations),
        ];
    }
}
