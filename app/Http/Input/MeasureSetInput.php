<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Measure\SpoonSets;
use IdleMixer\Core\Words\Say;

/** A set of measures that somebody owns whole. */
final readonly class MeasureSetInput
{
    /** @param list<array{name: string, amount: float, unit: string, kind: string, step: float|null}> $measures */
    private function __construct(public Sent $sent, public array $measures) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, SpoonSets $sets): self
    {
        $sent = Sent::opened($node, ['set'], correcting: false);

        return new self($sent, $sets->measures($sent->object->get('set')->word($sets->slugs(), Say::it('input/measure-set-input.set-of-measures'))));
    }
}
