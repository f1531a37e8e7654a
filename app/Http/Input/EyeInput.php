<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Words\Say;

/** What an eye read on ten drawn leaves. */
final readonly class EyeInput
{
    public const LARGEST_SEED = 999_999_999;

    /** @param list<float> $guesses percents */
    private function __construct(public Sent $sent, public LeafShape $shape, public int $seed, public array $guesses) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): self
    {
        $sent = Sent::opened($node, ['shape', 'seed', 'guesses'], correcting: false);
        $leaves = LeafLines::EYE_LEAVES['value'];

        return new self(
            $sent,
            LeafShape::from($sent->object->get('shape')->word(array_column(LeafShape::cases(), 'value'), Say::it('input/eye-input.shape-of-leaf'))),
            $sent->object->get('seed')->whole(0, self::LARGEST_SEED),
            array_map(static function (Node $guess): float {
                $value = $guess->number();

                return $value >= 0.0 && $value <= 100.0 ? $value : throw $guess->fault(Say::it('input/eye-input.share-percent-of-leaf-0'));
            }, $sent->object->get('guesses')->items($leaves, $leaves, 'leaves')),
        );
    }
}
