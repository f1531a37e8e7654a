<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Mix\Composition;

/** What one spray, at one strength, did to one pest. */
final readonly class SprayRecord
{
    public function __construct(
        public string $pest,
        /** Of the recipe that it was first made by here. */
        public string $slug,
        /** Of the recipes that it was made by. */
        public string $name,
        /** Null where nobody wrote down what went in. */
        public ?Composition $spray,
        public Record $record,
        /** The batch that was sprayed last. */
        public int $lastBatch,
    ) {}
}
