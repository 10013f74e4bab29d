<?php

declare(strict_types=1);

namespace App\Photo;

use App\Entity\Home;
use App\Entity\PhotoMoment;
use Doctrine\DBAL\Connection;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Which photos of its spots a home has, from every season; the photos themselves are fetched one by one. */
#[AsController]
final readonly class ReadSpotPhotos
{
    public function __construct(private Connection $db) {}

    #[Route('/api/homes/{home}/spot-photos', methods: ['GET'])]
    public function __invoke(Home $home): SpotPhotosAnswer
    {
        /** @var iterable<array{string, string, string, string, string, string, string, string}> $rows */
        $rows = $this->db->iterateNumeric(
            'SELECT p.id, s.id, s.name, s.swap_day, p.spot_id, p.moment, p.at, p.taken_by FROM spot_photo p JOIN swap s '
                . 'ON s.id = p.swap_id WHERE s.home_id = ? ORDER BY s.swap_day DESC, p.moment DESC, p.id',
            [$home->id()],
        );
        $photos = [];
        foreach ($rows as [$id, $swap, $name, $day, $spot, $moment, $at, $by]) {
            $photos[] = new SpotPhotoAnswer($id, $swap, $name, $day, $spot, PhotoMoment::from($moment), (new \DateTimeImmutable($at))->format('YmdHis'), $by);
        }

        return new SpotPhotosAnswer($photos);
    }
}
