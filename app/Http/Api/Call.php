<?php

declare(strict_types=1);

namespace App\Http\Api;

use Attribute;

/**
 * What a call does, takes and answers. A shape is a class of answers, the name of a type, “#Name” of a schema, a “?” before either where it may
 * be null, a list of one shape, or an object of shapes by key.
 *
 * @phpstan-type ShapeOf string|array<array-key, mixed>
 */
#[Attribute(Attribute::TARGET_METHOD)]
final readonly class Call
{
    /**
     * @param ShapeOf                             $answer
     * @param ShapeOf|null                        $body
     * @param array<string, array<string, mixed>> $query   JSON Schema by name of what may stand behind the question mark
     * @param bool                                $makes   whether it makes a record, or finds it made before
     * @param list<int>                           $also    statuses that do not follow from the rest
     * @param string                              $type    of what is answered, where it is no JSON
     * @param string                              $takes   type of what is sent, where it is no JSON
     */
    public function __construct(
        public string $does,
        public string|array $answer = [],
        public string|array|null $body = null,
        public array $query = [],
        public bool $makes = false,
        public array $also = [],
        public string $type = 'application/json',
        public string $takes = 'application/json',
    ) {}
}
