<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\MeasuredLeafAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\LeafPicture;
use App\Http\Input\PhotoReadingInput;
use App\Http\RefusedCall;
use App\Models\LeafPhoto;
use App\Models\LeafTest;
use App\Records\FromNotebook;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\TestLeaf;
use IdleMixer\Core\Photo\Change;
use IdleMixer\Core\Photo\Measured;
use IdleMixer\Core\Photo\Reading;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;

/** Photographs of the leaves of a test, and what they measure. */
final class LeafPhotoController
{
    #[Call('The photograph of a leaf', type: 'image/jpeg')]
    public function show(int $id, int $leaf, string $when): Response
    {
        $photo = $this->photo($id, $leaf, $when === 'before') ?? throw RefusedCall::notFound(Say::it('calls/leaf-photo-controller.photograph-of-leaf'), $leaf);

        return new Response((string) base64_decode($photo->picture, true), 200, ['Content-Type' => 'image/jpeg']);
    }

    /** An empty one takes it away. */
    #[Call('Keep a photograph of a leaf and measure it; an empty one takes it away', answer: ['measured' => '?' . MeasuredLeafAnswer::class], body: ['picture' => ['type' => 'string', 'description' => 'A JPEG, PNG or WebP in base 64.']])]
    public function store(Request $request, int $id, int $leaf, string $when, ClockInterface $clock): JsonResponse
    {
        $this->leafOf($id, $leaf);
        $before = $when === 'before';
        $node = Body::of($request)->object(['picture'])->get('picture');
        $key = ['leaf_test_id' => $id, 'leaf' => $leaf, 'before' => $before];
        $picture = LeafPicture::read($node);
        if ($picture === null) {
            LeafPhoto::query()->where($key)->delete();

            return new JsonResponse(['measured' => null]);
        }
        // It must be a picture that can be measured: anything else is not kept.
        $measured = $picture->measured();
        LeafPhoto::query()->updateOrCreate($key, ['picture' => $picture->kept(), 'taken_at' => $clock->now()]);

        return $this->say($id, $leaf, $before, $measured, $node);
    }

    /** Measures a kept photograph again, as the user says it is to be read. */
    #[Call('Measure a kept photograph again, as it is to be read', answer: ['measured' => '?' . MeasuredLeafAnswer::class], body: '#PhotoReading')]
    public function measure(Request $request, int $id, int $leaf, string $when): JsonResponse
    {
        $node = Body::of($request);
        $photo = $this->photo($id, $leaf, $when === 'before') ?? throw RefusedCall::notFound(Say::it('calls/leaf-photo-controller.photograph-of-leaf'), $leaf);

        return $this->say($id, $leaf, $photo->before, LeafPicture::measure((string) base64_decode($photo->picture, true), PhotoReadingInput::read($node), $node), $node);
    }

    private function say(int $id, int $leaf, bool $before, Measured $measured, Node $node): JsonResponse
    {
        $earlier = $before ? null : $this->photo($id, $leaf, true);
        $was = $earlier === null ? null : LeafPicture::measure((string) base64_decode($earlier->picture, true), new Reading(), $node);

        return new JsonResponse(['measured' => MeasuredLeafAnswer::of($measured, Change::between($was, $measured), $was !== null)]);
    }

    private function photo(int $id, int $leaf, bool $before): ?LeafPhoto
    {
        return LeafPhoto::query()->where(['leaf_test_id' => $id, 'leaf' => $leaf, 'before' => $before])->first();
    }

    private function leafOf(int $id, int $leaf): void
    {
        $test = LeafTest::query()->find($id) ?? throw RefusedCall::notFound(Say::it('calls/leaf-photo-controller.leaf-test'), $id);
        $numbers = array_map(static fn(TestLeaf $one): int => $one->number, FromNotebook::testLeaves($test)->all);
        in_array($leaf, $numbers, true) || throw RefusedCall::notFound(Say::it('calls/leaf-photo-controller.leaf-of-this-test'), $leaf);
    }
}
