<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\StandTest;

/** What a glass showed, and after how long. */
final readonly class StandTestInput
{
    /** A day, and a tall jar: our own bounds. */
    private const LONGEST_SECONDS = 86_400.0;

    private const TALLEST_MM = 500.0;

    private function __construct(public Sent $sent, public StandTest $result, public ?float $seconds, public ?float $height) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): self
    {
        $sent = Sent::opened($node, ['result', 'seconds', 'heightMm'], correcting: false);
        $object = $sent->object;
        $results = array_filter(array_column(StandTest::cases(), 'value'), static fn(string $code): bool => $code !== StandTest::NotDone->value);

        return new self(
            $sent,
            StandTest::from($object->get('result')->word(array_values($results), Say::it('input/stand-test-input.stand-test-result'))),
            $object->optional('seconds')?->positive(self::LONGEST_SECONDS),
            $object->optional('heightMm')?->positive(self::TALLEST_MM),
        );
    }
}
