<?php

declare(strict_types=1);

namespace App\Http;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

/** The JSON that was sent, as a tree that is read strictly. */
final class Body
{
    /**
     * @throws InvalidDocument                       when it is empty, too large or not JSON
     * @throws UnsupportedMediaTypeHttpException     when it is not announced as JSON, which other sites' pages cannot do
     */
    public static function of(Request $request): Node
    {
        if ($request->getContentTypeFormat() !== 'json') {
            throw new UnsupportedMediaTypeHttpException();
        }

        return JsonText::parse($request->getContent());
    }
}
