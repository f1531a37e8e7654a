<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Api\Call;
use App\Http\Body;
use App\Http\RefusedCall;
use App\Models\Plant;
use App\Models\PlantPicture;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Photo\PictureFile;
use IdleMixer\Core\Photo\RefusedPicture;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;

/** How a plant looks. */
final class PictureController
{
    /** Letters of base 64: a picture of 800 px is a fifth of it. */
    private const LONGEST = 900_000;

    private const WIDEST_PX = 1600;

    #[Call('How a plant looks', type: 'image/jpeg')]
    public function show(int $id): Response
    {
        $picture = PlantPicture::query()->where('plant_id', $id)->first() ?? throw RefusedCall::notFound(Say::it('calls/picture-controller.picture-of-plant'), $id);

        return new Response((string) base64_decode($picture->picture, true), 200, ['Content-Type' => 'image/jpeg']);
    }

    /** An empty one takes it away. */
    #[Call('Keep how a plant looks; an empty picture takes it away', answer: ['pictureAt' => '?date-time'], body: ['picture' => 'string'])]
    public function store(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        Plant::query()->find($id) ?? throw RefusedCall::notFound('plant', $id);
        $node = Body::of($request)->object(['picture'])->get('picture');
        $text = $node->text(self::LONGEST);
        if ($text === '') {
            PlantPicture::query()->where('plant_id', $id)->delete();

            return new JsonResponse(['pictureAt' => null]);
        }
        $bytes = base64_decode($text, true);
        // Its first bytes tell what it is and how large, before anything is decoded.
        $size = $bytes === false ? false : @getimagesizefromstring($bytes);
        if ($size === false || $size[2] !== \IMAGETYPE_JPEG || max($size[0], $size[1]) > self::WIDEST_PX) {
            throw $node->fault(Say::it('calls/picture-controller.expected-jpeg-of-at-most', ['widest-px' => self::WIDEST_PX]));
        }
        PlantPicture::query()->updateOrCreate(['plant_id' => $id], ['picture' => base64_encode(self::anew($bytes, $node)), 'taken_at' => $clock->now()]);

        return new JsonResponse(['pictureAt' => $clock->now()->format('Y-m-d\TH:i:s\Z')]);
    }

    /** What is seen on it and nothing else: whatever stood beside that in the file is gone. */
    private static function anew(string $bytes, Node $node): string
    {
        try {
            return PictureFile::stripped($bytes, self::WIDEST_PX, least: 1);
        } catch (RefusedPicture $refused) {
            throw $node->fault($refused->getMessage());
        }
    }
}
