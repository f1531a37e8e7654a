<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\BottleLine;
use IdleMixer\Core\Batch\BottleLineKind;
use IdleMixer\Core\Batch\BottleLineReader;
use IdleMixer\Core\Batch\BottleLineWriter;
use IdleMixer\Core\Batch\InOrder;
use IdleMixer\Core\Batch\Made;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\StandTest;

/** Keeps what happened to a mix that its plan does not know; strength, life, proof and label follow from it. Call it inside a transaction. */
final readonly class BottleLines
{
    public function __construct(private BatchBook $book, private BatchFinisher $finisher, private IngredientCatalogue $ingredients) {}

    /**
     * @param string    $id   UUID: the second of two taps changes nothing
     * @param Node      $said what happened; of a rest only the load counts
     * @param Batch|null $rest the batch whose rest it was filled onto
     * @param float|null $ml   of it; null for all that is left
     *
     * @throws InvalidDocument with the path of the first fault found
     * @throws Conflict        where nothing can happen to it any more
     */
    public function keep(Batch $batch, string $id, Node $said, ?Batch $rest, ?float $ml, DateTimeImmutable $now): void
    {
        $record = $this->book->record($batch);
        $lines = BatchBook::lines($batch, $record);
        if (array_filter($lines, static fn(BottleLine $line): bool => $line->id === $id) !== []) {
            return;
        }
        $inHand = $this->loadInHand($batch, $record, $now);
        $load = $said->optional('load')?->whole(1, count($record->loads)) ?? $inHand;
        $at = InOrder::ofLine($now, $load, BatchBook::ticks($batch), BatchBook::mixed($batch, $record)[$load - 1] ?? null);
        $line = $rest === null
            ? (new BottleLineReader($record, $this->ingredients))->of($said, $id, $at, $load)
            : $this->overRest($batch, $rest, $ml, $id, $at, $load);
        self::refuse($batch, $record, $line);
        $this->write($batch, $record, [...$lines, $line], $line->kind, $now);
        if ($rest !== null) {
            $this->takenFrom($rest, $ml, $id, $now);
        }
    }

    /** It stands in the other now: nobody may count on it twice. */
    private function takenFrom(Batch $rest, ?float $ml, string $id, DateTimeImmutable $now): void
    {
        $record = $this->book->record($rest);
        $left = Lefts::of($rest, $record);
        if ($ml === null || $ml >= $left) {
            $rest->update(['discarded_at' => $now]);

            return;
        }
        $line = BottleLine::pouredOn($id, $now, max(1, count(BatchBook::mixed($rest, $record))), $ml / $left);
        $this->write($rest, $record, [...BatchBook::lines($rest, $record), $line], $line->kind, $now);
    }

    /** @param list<BottleLine> $lines with what is new */
    private function write(Batch $batch, BatchRecord $record, array $lines, BottleLineKind $new, DateTimeImmutable $now): void
    {
        $batch->fill(['lines' => json_encode(array_map(BottleLineWriter::write(...), $lines), \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR)]);
        $changed = ['lines' => $batch->lines, ...$new->wantsAnotherGlass() ? ['stand_test' => StandTest::NotDone->value] : [], ...$this->finisher->reckoned($batch, $record)];
        Corrections::correct($batch->refresh(), $batch->version, $changed, $now);
    }

    /** @throws Conflict where it is gone */
    private function loadInHand(Batch $batch, BatchRecord $record, DateTimeImmutable $now): int
    {
        $bottle = Bottles::of($batch, $record);
        if ($bottle->usedUp || $bottle->discarded) {
            throw new Conflict(Say::it('records/bottle-lines.gone'));
        }

        return $bottle->state($now)->isBeforeMixed() ? $bottle->nextLoad() ?? count($record->loads) : max(1, $bottle->mixed);
    }

    /** @throws Conflict where some of the load was sprayed already as it was */
    private static function refuse(Batch $batch, BatchRecord $record, BottleLine $line): void
    {
        $mixed = BatchBook::mixed($batch, $record)[$line->load - 1] ?? null;
        if ($mixed === null || in_array($line->kind, [BottleLineKind::Spilled, BottleLineKind::Swapped, BottleLineKind::PouredOn], true)) {
            return;
        }
        if (Round::query()->where('batch_id', $batch->id)->where('sprayed_at', '>=', $mixed)->exists()) {
            throw new Conflict(Say::it('records/bottle-lines.sprayed'));
        }
    }

    /** @throws InvalidDocument where there is no such rest, or it is the batch's own */
    private function overRest(Batch $batch, Batch $rest, ?float $ml, string $id, DateTimeImmutable $now, int $load): BottleLine
    {
        if ($rest->is($batch)) {
            throw InvalidDocument::because('/restOf', Say::it('records/bottle-lines.own-rest'), $rest->submission);
        }
        $record = $this->book->record($rest);
        $left = Lefts::of($rest, $record);
        if ($left <= 0.0) {
            throw InvalidDocument::because('/restOf', Say::it('records/bottle-lines.nothing-left'), $rest->submission);
        }
        if ($ml !== null && $ml > $left * (1.0 + 1e-9)) {
            throw InvalidDocument::because('/amount', Say::it('records/bottle-lines.not-so-much-left', ['left' => $left]), $ml);
        }
        $mixture = Made::of($record, $this->book->history($rest, $record))->strongest;

        return BottleLine::overRest($id, $now, $load, $mixture, $ml ?? $left, $rest->discard_at);
    }
}
