<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Records\Submitted;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Document\ObjectNode;

/** What is sent to make a record, under a key of its own, or to change one that is there, with the version it is based on. */
final readonly class Sent
{
    private function __construct(public ObjectNode $object, private ?Submitted $submitted, public int $basedOn) {}

    /**
     * @param list<string> $keys
     *
     * @throws InvalidDocument when a key is not known, or the UUID or the version is missing or none
     */
    public static function opened(Node $node, array $keys, bool $correcting): self
    {
        if ($correcting) {
            return self::toChange($node, $keys);
        }
        $object = $node->object(['submission', ...$keys]);
        $key = $object->get('submission');
        $text = strtolower($key->text(36));
        if (preg_match('/\A[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\z/', $text) !== 1) {
            throw $key->fault('Expected a UUID made up for this one record, found {found}.');
        }

        return new self($object, Submitted::of($text, $node->json()), 0);
    }

    /**
     * @param list<string> $keys
     *
     * @throws InvalidDocument when a key is not known, or the version is missing or none
     */
    public static function toChange(Node $node, array $keys): self
    {
        $object = $node->object(['basedOn', ...$keys]);

        return new self($object, null, $object->get('basedOn')->whole(0, \PHP_INT_MAX));
    }

    /** @throws \LogicException when nothing is made */
    public function submitted(): Submitted
    {
        return $this->submitted ?? throw new \LogicException('What changes a record has no submission.');
    }
}
