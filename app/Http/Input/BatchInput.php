<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Sprayer;
use IdleMixer\Core\Bench\PlanRequest;
use IdleMixer\Core\Bench\PlanRequestReader;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Safety\Circumstances;

/** A batch that somebody starts to mix: the plan request, and what it is for. */
final readonly class BatchInput
{
    public function __construct(
        public string $submission,
        public PlanRequest $request,
        /** The request as it was sent, to be kept. */
        public string $requestText,
        public ?Sprayer $sprayer,
        public ?Plant $plant,
        public ?PestCase $case,
        public Circumstances $circumstances,
        public ?Amount $scale,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, PlanRequestReader $requests): self
    {
        $object = $node->object(['submission', 'request', 'sprayerId', 'plantId', 'caseId', 'circumstances', 'scale']);
        $request = $object->get('request');

        return new self(
            Submission::of($object),
            $requests->read($request),
            $request->json(),
            Existing::maybe($object->optional('sprayerId'), Sprayer::query(), 'sprayer'),
            Existing::maybe($object->optional('plantId'), Plant::query(), 'plant'),
            Existing::maybe($object->optional('caseId'), PestCase::query(), 'case'),
            CircumstancesInput::of($object->optional('circumstances')),
            ScaleInput::of($object->optional('scale')),
        );
    }
}
