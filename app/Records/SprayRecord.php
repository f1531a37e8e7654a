<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use IdleMixer\Core\Evidence\Association;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\SprayFamily;

/** What one spray, at one strength, did to one pest. */
final readonly class SprayRecord
{
    /** @param list<Association> $associations what went with success or failure */
    public function __construct(
        public string $pest,
        /** Of the recipe that it was first made by here. */
        public string $slug,
        /** Of the recipes that it was made by. */
        public string $name,
        /** Null where nobody wrote down what went in. */
        public ?Composition $spray,
        public ?SprayFamily $family,
        public Record $record,
        /** The batch that was sprayed last; null of what was bought. */
        public ?int $lastBatch,
        /** The plant that got it last. */
        public string $lastPlant,
        public DateTimeImmutable $lastAt,
        /** Cases that it was used in and that are closed now. */
        public int $closed,
        /** L a case; null where nobody knows. */
        public ?float $litres,
        /** Minutes a case; null where nobody knows. */
        public ?float $minutes,
        public array $associations,
    ) {}
}
