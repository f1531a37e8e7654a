<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Input\VesselInput;
use App\Models\Sprayer;
use IdleMixer\Core\Document\Node;
use Illuminate\Database\Eloquent\Builder;

/** @extends VesselController<Sprayer> */
final class SprayerController extends VesselController
{
    protected function records(): Builder
    {
        return Sprayer::query();
    }

    protected function read(Node $body): VesselInput
    {
        return VesselInput::sprayer($body);
    }

    protected function name(): string
    {
        return 'sprayer';
    }
}
