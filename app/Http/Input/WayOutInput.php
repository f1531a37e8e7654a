<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Mix\Load;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Plan\PlanRequest;
use IdleMixer\Core\Plan\PlanRequestReader;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\WayOut\Slips;

/** The plan that was being mixed, which load of it, what went wrong, and how much the sprayer takes. */
final readonly class WayOutInput
{
    private function __construct(
        public PlanRequest $request,
        public Plan $plan,
        public Load $load,
        public Slips $slips,
        /** mL. */
        public float $capacity,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, PlanRequestReader $requests, Planner $planner): self
    {
        $object = $node->object(['request', 'load', 'slips', 'room']);
        $request = $requests->read($object->get('request'));
        $plan = $planner->plan($request);
        $load = self::load($plan, $object->get('load')->whole(1, $plan->loadCount()));
        $room = $object->optional('room');
        $capacity = $room === null ? $request->sprayer?->millilitres() : AmountReader::vessel($room, 'A sprayer')->millilitres();

        return new self($request, $plan, $load, SlipReader::read($object->get('slips'), $load), max($capacity ?? 0.0, $load->mixture->finished()));
    }

    private static function load(Plan $plan, int $number): Load
    {
        foreach ($plan->groups as $group) {
            if ($number < $group->first + $group->count) {
                return $group->load;
            }
        }

        return $plan->groups[0]->load;
    }
}
