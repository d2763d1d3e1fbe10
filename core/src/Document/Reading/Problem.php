<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Measure\Text;

/** One thing wrong with a document: where (JSON pointer) and what was expected. */
final readonly class Problem implements \JsonSerializable
{
    public function __construct(public string $pointer, public Text $says)
    {
    }

    /** @return array{pointer: string, says: Text} */
    public function jsonSerialize(): array
    {
        return ['pointer' => $this->pointer, 'says' => $this->says];
    }
}
