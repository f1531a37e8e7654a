<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use App\Models\Burn;
use App\Records\Corrections;
use App\Records\Words;
use IdleMixer\Core\Leaf\BurnCause;
use IdleMixer\Core\Leaf\InjuryKind;
use IdleMixer\Core\Wording\LeafWords;

/** Burn that was seen after a round. */
final readonly class BurnAnswer
{
    /**
     * @param list<string> $kinds
     * @param list<string> $special
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        #[Shape(format: 'date-time')]
        public string $seenAt,
        public float $share,
        #[Shape(ref: 'InjuryKind')]
        public array $kinds,
        #[Shape(ref: 'BurnCause')]
        public array $special,
        public string $words,
        public string $notes,
        #[Shape(least: 0)]
        public int $changes,
        /** Who wrote it down; empty where the device said nobody. */
        public string $who,
        /** When it was photographed; null where it was not. */
        #[Shape(format: 'date-time')]
        public ?string $photoAt,
    ) {}

    public static function of(Burn $burn): self
    {
        $kinds = array_map(InjuryKind::from(...), Words::of($burn->kinds));
        $special = array_map(BurnCause::from(...), Words::of($burn->special));

        return new self(
            $burn->id,
            $burn->submission,
            $burn->version,
            Instant::of($burn->seen_at),
            $burn->share,
            array_column($kinds, 'value'),
            array_column($special, 'value'),
            LeafWords::burn($burn->share, $kinds, $special),
            $burn->notes,
            Corrections::count($burn),
            $burn->who,
            Instant::maybe($burn->photo?->taken_at),
        );
    }
}
