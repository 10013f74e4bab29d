<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The photo of a piece, encoded anew; kept in the database, so that a backup holds it too. */
#[ORM\Entity]
class Photo
{
    public function __construct(
        #[ORM\Id]
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Piece $piece,
        #[ORM\Column(type: Types::TEXT)]
        private string $jpeg,
    ) {
        $this->keep($jpeg);
    }

    public function keep(string $jpeg): void
    {
        $this->jpeg = base64_encode($jpeg);
    }

    public function jpeg(): string
    {
        return (string) base64_decode($this->jpeg, true);
    }

    public function piece(): Piece
    {
        return $this->piece;
    }
}
