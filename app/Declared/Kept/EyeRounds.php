<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Values\Whole;
use App\Declared\Values\Word;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Words\Say;

/** Ten drawn leaves, and what an eye read on them. */
final class EyeRounds extends Record
{
    public function table(): string
    {
        return 'eye_rounds';
    }

    public function list(): string
    {
        return 'eyeRounds';
    }

    /** @throws InvalidDocument when one is no share of a leaf */
    private static function guesses(Node $node): void
    {
        array_map(static fn(Node $one): float => $one->countUpTo(100.0), $node->items(1, InputLines::MOST_SPOTS['value'], 'guesses'));
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(versions: false),
            Plain::needed('seed', new Whole(0)),
            Plain::needed('shape', Word::of(LeafShape::class, Say::it('records/eye-rounds.shape-of-leaf'))),
            Plain::needed('guesses', new Json(self::guesses(...), ['type' => 'array', 'items' => ['type' => 'number', 'minimum' => 0, 'maximum' => 100]])),
            Plain::needed('guessed_at', Moment::past($this->clock)),
        ];
    }
}
