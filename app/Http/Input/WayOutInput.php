<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Bench\PlanRequest;
use IdleMixer\Core\Bench\PlanRequestReader;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\WayOut\Slips;
use IdleMixer\Core\Work\Load;

/** The plan that was being mixed, which load of it, what went wrong, and how much the sprayer takes. */
final readonly class WayOutInput
{
    private function __construct(
        public PlanRequest $request,
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
        $room = $object->optional('room');

        return self::of(
            $request,
            self::load($plan, $object->get('load')),
            $object->get('slips'),
            $room === null ? null : AmountReader::vessel($room, 'A sprayer')->millilitres(),
        );
    }

    /**
     * @param float|null $room mL of the sprayer; null where only the plan says
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public static function of(PlanRequest $request, Load $load, Node $slips, ?float $room): self
    {
        $capacity = $room ?? $request->sprayer?->millilitres() ?? 0.0;

        return new self($request, $load, SlipReader::read($slips, $load), max($capacity, $load->mixture->finished()));
    }

    /** @throws InvalidDocument when there is no load of that number */
    public static function load(Plan $plan, Node $number): Load
    {
        return $plan->load($number->whole(1, $plan->loadCount()));
    }
}
