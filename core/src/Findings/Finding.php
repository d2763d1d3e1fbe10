<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A problem of the room or the design, as data. It never blocks saving. `fix` cures it in one step; `accepted` is the person's
 * reason for leaving it as it is. `decides`: who has to be asked before what it is about goes on; `decided`: what they said. `waits`: what does not go on
 * until it is cured or accepted.
 */
final readonly class Finding implements \JsonSerializable
{
    public function __construct(
        public string $code,
        public Severity $severity,
        public Place $place,
        public Text $says,
        public Text $remedy,
        public Text $source,
        public ?Length $measured = null,
        public ?Length $limit = null,
        public ?Fix $fix = null,
        public ?string $accepted = null,
        public ?Authority $decides = null,
        public ?Decision $decided = null,
        public ?HeldStep $waits = null,
    ) {
    }

    /** About the design of a piece, from its geometry; its remedy has the code's name and takes what it says. */
    public static function ofPiece(string $code, Severity $severity, string $ref, Text $says): self
    {
        return new self($code, $severity, new Place(WorkStage::Piece, $ref), $says, Text::of("$code.remedy", ...$says->args), Text::of('source.geometry'));
    }

    public function sourced(string $source): self
    {
        return $this->changed(['source' => Text::of($source)]);
    }

    /** @param  array<array-key, mixed>  $document  in which its fix is to be made */
    public function within(array $document): self
    {
        return $this->fix === null ? $this : $this->changed(['fix' => $this->fix->within($document)]);
    }

    public function graded(Severity $severity): self
    {
        return $this->changed(['severity' => $severity]);
    }

    /** What was read or found, and what it is held against. */
    public function measuring(?Length $measured, ?Length $limit): self
    {
        return $this->changed(['measured' => $measured, 'limit' => $limit]);
    }

    public function curedBy(?Fix $fix): self
    {
        return $this->changed(['fix' => $fix]);
    }

    public function accepted(string $reason): self
    {
        return $this->changed(['accepted' => $reason]);
    }

    public function decidedBy(Authority $decides): self
    {
        return $this->changed(['decides' => $decides]);
    }

    public function decided(Decision $decided): self
    {
        return $this->changed(['decided' => $decided]);
    }

    /** Whoever accepts it lets it go on. */
    public function holding(HeldStep $waits): self
    {
        return $this->changed(['waits' => $waits]);
    }

    /** Nothing behind it goes on until who is named has decided that it may, or it is accepted where that is the person's own to say. */
    public function holds(): bool
    {
        return $this->decides !== null ? $this->decided?->goesOn !== true : $this->waits !== null && $this->accepted === null;
    }

    /** What does not go on meanwhile. */
    public function before(): ?HeldStep
    {
        return $this->decides?->before() ?? $this->waits;
    }

    /**
     * What is null stays as it was.
     *
     * @param  array{severity?: Severity, source?: Text, measured?: ?Length, limit?: ?Length, fix?: ?Fix, accepted?: string,
     *     decides?: Authority, decided?: Decision, waits?: HeldStep}  $to
     */
    private function changed(array $to): self
    {
        return new self($this->code, $to['severity'] ?? $this->severity, $this->place, $this->says, $this->remedy, $to['source'] ?? $this->source,
            $to['measured'] ?? $this->measured, $to['limit'] ?? $this->limit, $to['fix'] ?? $this->fix,
            $to['accepted'] ?? $this->accepted, $to['decides'] ?? $this->decides, $to['decided'] ?? $this->decided,
            $to['waits'] ?? $this->waits);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'code' => $this->code,
            'severity' => $this->severity->value,
            'place' => $this->place,
            'says' => $this->says,
            'remedy' => $this->remedy,
            'source' => $this->source,
            'measured' => $this->measured,
            'limit' => $this->limit,
            'fix' => $this->fix,
            'accepted' => $this->accepted,
            'decides' => $this->decides?->value,
            'before' => $this->before()?->value,
            'decided' => $this->decided,
            'holds' => $this->holds(),
        ];
    }
}
