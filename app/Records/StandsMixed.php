<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use IdleMixer\Core\Recipe\RecipeUse;

/** What stands mixed and could be sprayed: no cup for a leaf test, and no jar of a stock. */
final readonly class StandsMixed
{
    public function __construct(private BatchBook $book) {}

    /** @return list<Batch> the newest first; what is past its life stands, too, until it is thrown away */
    public function newest(int $most): array
    {
        $found = Batch::query()->whereNotNull('made_at')->whereNull('discarded_at')->where('used_up', false)->where('for_leaf_test', false)->orderByDesc('made_at')->orderByDesc('id')->limit($most)->get();

        return array_values(array_filter($found->all(), fn(Batch $batch): bool => $this->book->record($batch)->target->use !== RecipeUse::Stock));
    }
}
