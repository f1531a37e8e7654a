<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ComparedAnswer;
use App\Http\Answer\ComparedAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Plan\Comparison;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Lays two recipes side by side at the same volume. */
final class CompareController
{
    #[Call('Two recipes side by side at the same finished volume', answer: ComparedAnswer::class, body: '#Comparing')]
    public function __invoke(Request $request, BenchReader $reader, Formulator $formulator, ComparedAnswers $answer): JsonResponse
    {
        $object = Body::of($request)->object(['recipes', 'make']);
        $recipes = array_map($reader->recipe(...), $object->get('recipes')->items(2, 2, 'recipes'));
        $make = AmountReader::vessel($object->get('make'), Say::it('calls/compare-controller.volume-to-make'));
        $unit = AmountReader::volumeUnit($object->get('make'));

        return new JsonResponse($answer->of(Comparison::of($formulator, $recipes[0], $recipes[1], $make), $unit));
    }
}
