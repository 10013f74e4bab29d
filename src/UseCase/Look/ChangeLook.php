<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Entity\Look;
use App\Input\LookInput;
use App\UseCase\SameVersion;
use App\View\Look\LookView;
use Doctrine\ORM\EntityManagerInterface;

final readonly class ChangeLook
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function __invoke(Look $look, LookInput $input): LookView
    {
        SameVersion::check($input->version, $look->version(), 'This look', LookView::of($look));
        $look->become(LookReader::read($input));
        $this->entities->flush();

        return LookView::of($look);
    }
}
