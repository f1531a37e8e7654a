<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Declared\Values\Days;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Days that the gardener wants for the rounds of a case. */
final readonly class RoundDatesInput
{
    /** @param list<string> $on like 2026-05-03, earliest first */
    private function __construct(public Node $object, public array $on, public ?int $basedOn) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function kept(Node $node): self
    {
        $sent = Sent::toChange($node, ['on']);

        return new self($sent->object, self::days($sent->object), $sent->basedOn);
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public static function asked(Node $node): self
    {
        $object = $node->object(['on', 'which']);

        return new self($object, self::days($object), null);
    }

    /** @return list<string> */
    private static function days(Node $object): array
    {
        return Days::of((new Days())->read($object->get('on')))->days;
    }
}
