<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Records\Submitted;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** What is sent to make a record, under a key of its own, or to change one that is there, with the version it is based on. */
final readonly class Sent
{
    private function __construct(public Node $object, private ?Submitted $submitted, public int $basedOn) {}

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
            throw $key->fault(Say::it('input/sent.expected-uuid-made-up-for'));
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
        return $this->submitted ?? throw new \LogicException(Say::it('input/sent.what-changes-record-has-no'));
    }
}
