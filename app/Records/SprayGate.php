<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\PestCase;
use DateTimeImmutable;
use IdleMixer\Core\Batch\SprayCheck;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;

/** What stands between a batch and a full spray of a plant: its leaf tests. */
final readonly class SprayGate
{
    public function __construct(private BatchBook $book) {}

    /** @return Verdict|null what is not proven; null where it may go */
    public function closed(PestCase $case, Batch $batch, DateTimeImmutable $now): ?Verdict
    {
        $target = $this->book->record($batch)->target;
        if (! SprayCheck::needsProof($target)) {
            return null;
        }
        $found = SprayCheck::leaves(BatchBook::composition($batch), Proofs::of($case->plant, $now), $now);

        return $found->level === Level::Ok ? null : $found;
    }
}
