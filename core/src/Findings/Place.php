<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

/** Where a finding is: the stage that shows it and the id of the thing there. */
final readonly class Place implements \JsonSerializable
{
    public function __construct(public WorkStage $stage, public string $ref)
    {
    }

    /** At a bay, a band or the whole of a piece. */
    public static function inPiece(string $id): self
    {
        return new self(WorkStage::Piece, $id);
    }

    /** @return array{stage: string, ref: string} */
    public function jsonSerialize(): array
    {
        return ['stage' => $this->stage->value, 'ref' => $this->ref];
    }
}
