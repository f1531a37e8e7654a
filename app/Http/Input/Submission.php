<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\ObjectNode;

/** The UUID that the sender makes up once for one record, so that sending it twice makes one. */
final class Submission
{
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
