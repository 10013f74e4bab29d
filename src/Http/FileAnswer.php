<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;

/** A file rather than JSON: to be kept by the person who asked, or shown in the page. Its name is made safe for any system. */
final class FileAnswer extends Response
{
    public function __construct(string $content, string $type, string $name, string $disposition = HeaderUtils::DISPOSITION_ATTACHMENT)
    {
        $plain = trim((string) preg_replace('/[^\p{L}\p{N} ._-]+/u', ' ', $name), ' .');
        $ascii = trim((string) preg_replace('/[^A-Za-z0-9._-]+/', '-', $plain), '-');

        parent::__construct($content, headers: [
            'Content-Type' => $type,
            'Cache-Control' => 'no-store',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                $disposition,
                '' === $plain ? 'file' : $plain,
                '' === $ascii || str_starts_with($ascii, '.') ? 'file' . $ascii : $ascii,
            ),
        ]);
    }

    public static function shown(string $content, string $type, string $name): self
    {
        return new self($content, $type, $name, HeaderUtils::DISPOSITION_INLINE);
    }
}
