<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * SQLite whose transactions take the right to write when they begin.
 *
 * A transaction that reads first and then writes fails at once with "locked" when another has written meanwhile, however long it is told
 * to wait; one that begins as a writer waits for its turn. Laravel asks for that by `transaction_mode`, but only from PHP 8.4 on, as PDO
 * before it commits only what it began itself, which is always deferred. There a statement that would write, and changes nothing, comes
 * first: SQLite takes the lock for it, or waits as long as `busy_timeout` says.
 */
final class ImmediateConnection extends SQLiteConnection
{
    private const WRITES_NOTHING = 'UPDATE migrations SET batch = batch WHERE 0';

    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        try {
            $this->getPdo()->exec(self::WRITES_NOTHING);
        } catch (PDOException $busy) {
            $this->getPdo()->rollBack();
            throw $busy;
        }
    }
}
