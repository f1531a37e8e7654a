<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Whether something is put away, or taken out again: `{"basedOn": 1, "retired": true}`. */
final readonly class RetiredInput
{
    private function __construct(public int $basedOn, public bool $retired) {}

    /** @throws InvalidDocument when it does not say */
    public static function read(Node $node): self
    {
        $sent = Sent::toChange($node, ['retired']);

        return new self($sent->basedOn, $sent->object->get('retired')->flag());
    }
}
