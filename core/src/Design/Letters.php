<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Run;

/** A letter for each band with bays, from the floor up and run by run; none where there is but one. */
final readonly class Letters
{
    /** @var array<string, string> by band */
    private array $letters;

    public function __construct(Piece $piece)
    {
        $bands = [];
        foreach ($piece->runs as $run) {
            array_push($bands, ...self::banded($run));
        }
        $letters = [];
        foreach ($bands as $i => $band) {
            $letters[$band->id] = count($bands) === 1 ? '' : chr(65 + $i % 26);
        }
        $this->letters = $letters;
    }

    public function of(Band $band): string
    {
        return $this->letters[$band->id] ?? '';
    }

    /** @return list<Band> */
    private static function banded(Run $run): array
    {
        return array_values(array_filter($run->bands, fn (Band $b): bool => $b->bays !== []));
    }
}
