<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;

/** The request's JSON body as a checked input; a field nobody knows is refused, not ignored. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Body extends MapRequestPayload
{
    public function __construct()
    {
        parent::__construct(acceptFormat: 'json', serializationContext: ['allow_extra_attributes' => false, 'require_all_properties' => true]);
    }
}
