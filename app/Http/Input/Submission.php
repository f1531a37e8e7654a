<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Document\ObjectNode;

/** The UUID that the sender makes up once for one record, so that sending it twice makes one. */
final class Submission
{
    /**
     * What is sent to make a record, or to correct one that is there: then no UUID is made up.
     *
     * @param list<string> $keys
     *
     * @return array{ObjectNode, string} the UUID is empty where one is corrected
     *
     * @throws InvalidDocument when a key is not known, or the UUID is missing or none
     */
    public static function opened(Node $node, array $keys, bool $correcting): array
    {
        if ($correcting) {
            return [$node->object($keys), ''];
        }
        $object = $node->object(['submission', ...$keys]);

        return [$object, self::of($object)];
    }

    /** @throws InvalidDocument when it is missing or no UUID */
    public static function of(ObjectNode $object): string
    {
        $node = $object->get('submission');
        $text = strtolower($node->text(36));
        if (preg_match('/\A[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\z/', $text) !== 1) {
            throw $node->fault('Expected a UUID made up for this one record, found {found}.');
        }

        return $text;
    }
}
