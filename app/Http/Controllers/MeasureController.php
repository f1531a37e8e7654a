<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Input\VesselInput;
use App\Models\Measure;
use IdleMixer\Core\Document\Node;
use Illuminate\Database\Eloquent\Builder;

/** @extends VesselController<Measure> */
final class MeasureController extends VesselController
{
    protected function records(): Builder
    {
        return Measure::query();
    }

    protected function read(Node $body): VesselInput
    {
        return VesselInput::measure($body);
    }

    protected function name(): string
    {
        return 'measure';
    }
}
