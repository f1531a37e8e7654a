<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Whether something is put away, or taken out again: `{"retired": true}`. */
final class RetiredInput
{
    /** @throws InvalidDocument when it does not say */
    public static function read(Node $node): bool
    {
        return $node->object(['retired'])->get('retired')->flag();
    }
}
