<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\Jar;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Words\Say;

/** The stocks that stand in jars: made like a batch, kept, poured from until they run out. */
final readonly class Jars
{
    public function __construct(private BatchBook $book) {}

    /** @return array<int, array{Batch, string, Jar}> by id: the batch, the slug of its stock, and what is left; not the empty and thrown away ones */
    public function standing(): array
    {
        $all = [];
        foreach (Batch::query()->whereNotNull('made_at')->whereNull('discarded_at')->orderByDesc('made_at')->get() as $batch) {
            if (! self::mayBeStock($batch)) {
                continue;
            }
            $record = $this->book->record($batch);
            $jar = $this->jar($batch, $record);
            if ($jar !== null && ! $jar->isEmpty()) {
                $all[$batch->id] = [$batch, $record->slug, $jar];
            }
        }

        return $all;
    }

    /** Null for what is no stock. */
    public function jar(Batch $batch, BatchRecord $record): ?Jar
    {
        if ($record->target->use !== RecipeUse::Stock) {
            return null;
        }
        $poured = [];
        foreach (Batch::query()->where('stock_batch_id', $batch->id)->get() as $from) {
            $poured[] = $this->book->record($from)->pours($record->slug);
        }

        return new Jar(BatchBook::made($batch)->finished ?? $batch->make_ml, $poured);
    }

    /** @throws InvalidDocument when that cannot be poured from it */
    public function refuse(Batch $jar, BatchRecord $wanted): void
    {
        $record = $this->book->record($jar);
        $left = $this->jar($jar, $record);
        $millilitres = $wanted->pours($record->slug);
        $why = match (true) {
            $left === null || $jar->made_at === null => Say::it('records/jars.that-no-jar-of-stock'),
            $jar->discarded_at !== null => Say::it('records/jars.that-jar-was-thrown-away'),
            $millilitres <= 0.0 => Say::it('records/jars.nothing-of-that-stock-goes'),
            ! $left->holds($millilitres) => Say::it('records/jars.are-wanted-and-are-left', ['millilitres' => Measures::metric($millilitres), 'left' => Measures::metric($left->left())]),
            default => null,
        };
        if ($why !== null) {
            throw InvalidDocument::because('/stockBatchId', $why, null);
        }
    }

    /** A look that costs nothing, before a document is read. */
    private static function mayBeStock(Batch $batch): bool
    {
        return str_contains($batch->document, '"use":"' . RecipeUse::Stock->value . '"');
    }
}
