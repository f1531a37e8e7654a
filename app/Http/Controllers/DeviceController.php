<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\HardnessStrip;
use App\Devices\SimulatedStrip;
use App\Devices\Thermometer;
use App\Http\Api\Call;
use Illuminate\Http\JsonResponse;

/** What the devices at the bench say of the water. */
final class DeviceController
{
    #[Call('What strip and thermometer say of the water', answer: ['hardnessMgL' => 'number', 'celsius' => 'number', 'simulated' => 'boolean'])]
    public function __invoke(HardnessStrip $strip, Thermometer $thermometer): JsonResponse
    {
        return new JsonResponse(['hardnessMgL' => $strip->read(), 'celsius' => $thermometer->read(), 'simulated' => $strip instanceof SimulatedStrip]);
    }
}
