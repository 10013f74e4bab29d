<?php

declare(strict_types=1);

namespace App\Http;

use App\Photo\PhotoFile;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

/** Opens an uploaded photo, or says what is wrong with it at its field. */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 150])]
final readonly class UploadResolver implements ValueResolverInterface
{
    /** @return list<PhotoFile> */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        $upload = $argument->getAttributesOfType(Upload::class)[0] ?? null;
        if (!$upload instanceof Upload) {
            return [];
        }
        $file = $request->files->get($upload->name);
        if (!$file instanceof UploadedFile) {
            throw InvalidInput::at($upload->name, 'Choose a photo first: PNG, JPEG or WebP, up to 12 MB.');
        }

        return [$file->isValid()
            ? PhotoFile::open($upload->name, $file->getPathname())
            : throw InvalidInput::at($upload->name, 'The photo did not arrive whole, or is larger than 12 MB.')];
    }
}
