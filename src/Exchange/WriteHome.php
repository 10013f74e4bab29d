<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Entity\Home;
use App\Http\FileAnswer;
use Doctrine\DBAL\Connection;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** A whole home as one JSON document, from which an equal home can be made. */
#[AsController]
final readonly class WriteHome
{
    public function __construct(private Connection $db) {}

    #[Route('/api/homes/{home}/document', methods: ['GET'])]
    public function __invoke(Home $home): FileAnswer
    {
        return new FileAnswer($this->text($home), 'application/json', $home->name() . '.json');
    }

    private function text(Home $home): string
    {
        $document = [
            'format' => HomeSchema::FORMAT,
            'version' => HomeSchema::VERSION,
            'home' => ['name' => $home->name(), 'unit' => $home->unit()->value, 'currency' => $home->currency(), 'giftMoney' => $home->giftMoney()->value],
        ];
        foreach (HomeTables::LISTS as $name => [$table, $which, $order, $columns]) {
            $quoted = array_map(static fn(string $column): string => '"' . $column . '"', array_keys($columns));
            $rows = $this->db->fetchAllAssociative(
                sprintf('SELECT %s FROM %s WHERE %s ORDER BY %s', implode(', ', $quoted), $table, $which, $order),
                ['home' => $home->id()],
            );
            $document[$name] = array_map(fn(array $row): array => $this->row($row, $columns), $rows);
        }

        return json_encode($document, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRETTY_PRINT) . "\n";
    }

    /**
     * @param array<string, mixed>  $row
     * @param array<string, string> $columns
     *
     * @return array<string, mixed>
     */
    private function row(array $row, array $columns): array
    {
        $written = [];
        foreach ($columns as $column => $type) {
            $value = $row[$column];
            $written[HomeTables::key($column)] = 'list' === rtrim($type, '?') && \is_string($value)
                ? json_decode($value, true, 16, \JSON_THROW_ON_ERROR)
                : $value;
        }

        return $written;
    }
}
