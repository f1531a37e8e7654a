<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Whether a case is closed, and what came of it. */
final readonly class CloseInput
{
    private const LONGEST_CONCLUSION = 1000;

    private function __construct(public int $basedOn, public bool $closed, public string $conclusion) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): self
    {
        $sent = Sent::toChange($node, ['closed', 'conclusion']);
        $object = $sent->object;

        return new self($sent->basedOn, $object->get('closed')->flag(), trim($object->optional('conclusion')?->text(self::LONGEST_CONCLUSION) ?? ''));
    }
}
