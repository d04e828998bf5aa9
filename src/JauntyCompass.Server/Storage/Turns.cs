using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Storage;

namespace JauntyCompass.Server.Storage;

/// <summary>Where things have to be done one after the other, at whichever host.</summary>
public static class Turns
{
    /// <summary>
    /// Begins a transaction in which nobody else changes a teacher's own things: what is counted or replaced in it stays as it was seen.
    /// </summary>
    public static async Task<IDbContextTransaction> TurnOf(
        this JauntyDbContext database,
        Guid teacherId,
        CancellationToken cancellation
    )
    {
        IDbContextTransaction transaction = await database.Database.BeginTransactionAsync(
            cancellation
        );
        await database.Database.ExecuteSqlAsync(
            $"SELECT 1 FROM teachers WHERE id = {teacherId} FOR NO KEY UPDATE",
            cancellation
        );
        return transaction;
    }

    /// <summary>Begins a transaction in which nobody else changes who belongs to the school.</summary>
    public static async Task<IDbContextTransaction> TurnOfSchool(
        this JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        IDbContextTransaction transaction = await database.Database.BeginTransactionAsync(
            cancellation
        );
        await database.Database.ExecuteSqlAsync($"SELECT 1 FROM school FOR UPDATE", cancellation);
        return transaction;
    }
}
