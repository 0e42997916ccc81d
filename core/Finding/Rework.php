<?php

declare(strict_types=1);

namespace Pensilis\Finding;

/** What is done to given pours where no single value mends a finding. */
enum Rework
{
    /** One of them becomes two, and all are timed anew. */
    case Split;
    case Times;
}
