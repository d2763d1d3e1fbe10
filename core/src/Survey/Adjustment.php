<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** The room as it fits the readings best. */
final readonly class Adjustment
{
    /**
     * @param  list<float>  $state mm
     * @param  list<list<float>>  $covariance mm², assumptions counted
     * @param  list<Residual>  $residuals
     */
    public function __construct(public array $state, public array $covariance, public array $residuals)
    {
    }
}
