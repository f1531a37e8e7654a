<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\WayOut\LoadAtHand;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\WayOut\Slips;

/** The plan that was being mixed, which load of it, what went wrong, and how much the sprayer takes. */
final readonly class WayOutInput
{
    private function __construct(public LoadAtHand $at, public Slips $slips) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, BenchReader $benches, Planner $planner): self
    {
        $object = $node->object(['request', 'load', 'slips', 'room']);
        $bench = $benches->request($object->get('request'));
        $plan = $planner->plan($bench);
        $load = $plan->load($object->get('load')->whole(1, $plan->loadCount()));
        $room = $object->optional('room');

        return new self(
            LoadAtHand::of($load, $bench->target, $bench->circumstances, $bench->kit, $bench->unit, $room === null ? $bench->sprayer?->millilitres() : AmountReader::vessel($room, 'A sprayer')->millilitres()),
            SlipReader::read($object->get('slips'), $load),
        );
    }
}
