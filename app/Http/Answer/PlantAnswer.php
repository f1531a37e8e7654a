<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Declared\Kept\Plants;
use App\Declared\Told;
use App\Http\Api\OfRecord;
use App\Http\Api\Shape;
use IdleMixer\Core\Plant\Stage;
use JsonSerializable;

/** A plant: what is declared of it, and what follows from that today. */
#[OfRecord(Plants::class)]
final readonly class PlantAnswer implements JsonSerializable
{
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        public int $version,
        private Told $record,
        public string $toleranceName,
        /** What it is taken for on the bench: a kind that bears no oil, whatever its leaf. */
        public string $onBench,
        public bool $inFlower,
        /** Dry at the root or wilted, as far as anybody said so lately. */
        public bool $dry,
        /** How far it is in its year; null where nobody said so lately. */
        #[Shape(of: Stage::class)]
        public ?string $stageNow,
        public ?int $pickedInDays,
        public bool $retired,
    ) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['id' => $this->id, 'key' => $this->key, 'version' => $this->version, ...$this->record->fields, 'toleranceName' => $this->toleranceName, 'onBench' => $this->onBench, 'inFlower' => $this->inFlower, 'dry' => $this->dry, 'stageNow' => $this->stageNow, 'pickedInDays' => $this->pickedInDays, 'retired' => $this->retired];
    }
}
