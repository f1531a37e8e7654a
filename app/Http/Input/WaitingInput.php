<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** One of the calls that waited on a device: what it would have sent by itself, with what it says of its notebook and its hour. */
final readonly class WaitingInput
{
    /** More go in two calls: a device shows how far it is. */
    public const MOST = 25;

    /** No address that writes is longer. */
    private const LONGEST_PATH = 200;

    private const LONGEST_HEADER = 64;

    /** @param array<string, string> $headers */
    private function __construct(public string $method, public string $path, public array $headers, public string $body) {}

    /**
     * @param list<string> $headers that it may bring
     *
     * @return list<self>
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public static function all(Node $node, array $headers): array
    {
        $entries = $node->object(['entries'])->get('entries')->items(1, self::MOST, Say::it('input/waiting-input.calls-that-waited'));

        return array_map(static fn(Node $entry): self => self::one($entry->object(['method', 'path', 'headers', 'body']), $headers), $entries);
    }

    /** @param list<string> $known */
    private static function one(Node $entry, array $known): self
    {
        $path = $entry->get('path');
        if (preg_match('#\A/api/(?!waiting)[a-z][a-z0-9/-]*\z#', $path->text(self::LONGEST_PATH)) !== 1) {
            throw $path->fault(Say::it('input/waiting-input.no-address-that-writes'));
        }
        $given = $entry->get('headers')->object($known);
        $headers = [];
        foreach ($known as $name) {
            $value = $given->optional($name)?->line(self::LONGEST_HEADER);
            if ($value !== null) {
                $headers[$name] = $value;
            }
        }
        $body = $entry->get('body');
        $body->raw();

        return new self($entry->get('method')->word(['POST', 'PUT'], Say::it('input/waiting-input.way-of-writing')), $path->text(self::LONGEST_PATH), $headers, $body->json());
    }
}
