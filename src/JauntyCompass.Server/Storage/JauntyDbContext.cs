using Microsoft.AspNetCore.DataProtection.EntityFrameworkCore;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Identity.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace JauntyCompass.Server.Storage;

/// <summary>The database. Typed items, responses and marks are JSON columns in the core's own format, kept as written.</summary>
public sealed class JauntyDbContext(DbContextOptions<JauntyDbContext> options)
    : IdentityUserContext<Teacher, Guid>(options),
        IDataProtectionKeyContext
{
    public DbSet<School> Schools => Set<School>();
    public DbSet<Session> Sessions => Set<Session>();
    public DbSet<OneTimeLink> OneTimeLinks => Set<OneTimeLink>();
    public DbSet<SignInTries> SignInTries => Set<SignInTries>();
    public DbSet<CoTeacher> CoTeachers => Set<CoTeacher>();
    public DbSet<SchoolClass> Classes => Set<SchoolClass>();
    public DbSet<Student> Students => Set<Student>();
    public DbSet<ExerciseSet> Sets => Set<ExerciseSet>();
    public DbSet<Assignment> Assignments => Set<Assignment>();
    public DbSet<Answer> Answers => Set<Answer>();
    public DbSet<AnswerMark> Marks => Set<AnswerMark>();
    public DbSet<CabinetInstrument> Cabinet => Set<CabinetInstrument>();
    public DbSet<Draft> Drafts => Set<Draft>();
    public DbSet<Reflection> Reflections => Set<Reflection>();
    public DbSet<RunningOrder> RunningOrders => Set<RunningOrder>();
    public DbSet<DataProtectionKey> DataProtectionKeys => Set<DataProtectionKey>();

    protected override void OnModelCreating(ModelBuilder builder)
    {
        base.OnModelCreating(builder);
        // The snake-case convention does not reach Identity's table names.
        builder.Entity<Teacher>(e =>
        {
            e.ToTable("teachers");
            e.Property(t => t.DisplayName).HasMaxLength(80);
            e.Property(t => t.Language).HasMaxLength(35);
        });
        builder.Entity<IdentityUserClaim<Guid>>().ToTable("teacher_claims");
        builder.Entity<IdentityUserLogin<Guid>>().ToTable("teacher_logins");
        builder.Entity<IdentityUserToken<Guid>>().ToTable("teacher_tokens");

        builder.Entity<School>().ToTable("school").Property(s => s.Id).ValueGeneratedNever();
        builder.Entity<Session>(e =>
        {
            e.HasKey(s => s.KeyHash);
            e.HasOne(s => s.Teacher)
                .WithMany()
                .HasForeignKey(s => s.TeacherId)
                .OnDelete(DeleteBehavior.Cascade);
            e.HasOne(s => s.Student)
                .WithMany()
                .HasForeignKey(s => s.StudentId)
                .OnDelete(DeleteBehavior.Cascade);
        });
        builder.Entity<OneTimeLink>(e =>
        {
            e.HasKey(l => l.KeyHash);
            e.HasOne<Teacher>()
                .WithMany()
                .HasForeignKey(l => l.TeacherId)
                .OnDelete(DeleteBehavior.Cascade);
        });
        builder.Entity<SignInTries>(e =>
        {
            e.HasKey(t => t.Bucket);
            e.HasIndex(t => t.Subject);
            e.HasIndex(t => t.LastAt);
        });
        builder.Entity<CoTeacher>(e =>
        {
            e.HasKey(c => new { c.ClassId, c.TeacherId });
            e.HasOne<SchoolClass>().WithMany(c => c.CoTeachers).HasForeignKey(c => c.ClassId);
            e.HasOne<Teacher>().WithMany().HasForeignKey(c => c.TeacherId);
        });

        builder.Entity<SchoolClass>(e =>
        {
            e.Property(c => c.Name).HasMaxLength(60);
            e.Property(c => c.Code).HasMaxLength(12);
            e.HasIndex(c => c.Code).IsUnique();
            AsJson(e.Property(c => c.Rules));
            e.HasOne<Teacher>().WithMany().HasForeignKey(c => c.TeacherId);
            e.HasMany(c => c.Students).WithOne().HasForeignKey(s => s.ClassId);
        });
        builder.Entity<Student>(e =>
        {
            e.Property(s => s.GivenName).HasMaxLength(40);
            e.Property(s => s.NameKey).HasMaxLength(40);
            e.HasIndex(s => new { s.ClassId, s.NameKey })
                .IsUnique()
                .HasFilter("deleted_at IS NULL");
            e.HasIndex(s => s.CardHash).IsUnique();
        });
        builder.Entity<ExerciseSet>(e =>
        {
            e.Property(s => s.Title).HasMaxLength(120);
            AsJson(e.Property(s => s.Specification));
            AsJson(e.Property(s => s.Items));
            AsJson(e.Property(s => s.Forms));
            e.HasOne<Teacher>().WithMany().HasForeignKey(s => s.TeacherId);
        });
        builder.Entity<Assignment>(e =>
        {
            e.HasOne(a => a.Set).WithMany().HasForeignKey(a => a.SetId);
            e.HasOne(a => a.Class).WithMany().HasForeignKey(a => a.ClassId);
            e.Property(a => a.Title).HasMaxLength(120);
            AsJson(e.Property(a => a.Weights));
        });
        builder.Entity<Reflection>(e =>
        {
            e.HasKey(r => new { r.AssignmentId, r.StudentId });
            e.Property(r => r.Line).HasMaxLength(200);
            e.HasOne<Assignment>().WithMany().HasForeignKey(r => r.AssignmentId);
            e.HasOne<Student>().WithMany().HasForeignKey(r => r.StudentId);
        });
        builder.Entity<Draft>(e =>
        {
            e.HasKey(d => new
            {
                d.AssignmentId,
                d.StudentId,
                d.ItemIndex,
            });
            AsJson(e.Property(d => d.Content));
            e.HasOne<Assignment>().WithMany().HasForeignKey(d => d.AssignmentId);
            e.HasOne<Student>().WithMany().HasForeignKey(d => d.StudentId);
        });
        builder.Entity<Answer>(e =>
        {
            e.Property(a => a.Id).ValueGeneratedNever();
            AsJson(e.Property(a => a.Response));
            // Two browsers of one student cannot both make the same try; it also finds a student's answers.
            e.HasIndex(a => new
                {
                    a.AssignmentId,
                    a.StudentId,
                    a.ItemIndex,
                    a.Try,
                })
                .IsUnique();
            e.HasOne<Assignment>().WithMany().HasForeignKey(a => a.AssignmentId);
            e.HasOne<Student>().WithMany().HasForeignKey(a => a.StudentId);
            e.HasMany(a => a.Marks).WithOne().HasForeignKey(m => m.AnswerId);
        });
        builder.Entity<CabinetInstrument>(e =>
        {
            e.ToTable("cabinet");
            e.Property(c => c.Key).HasMaxLength(60);
            e.Property(c => c.Name).HasMaxLength(80);
            e.HasIndex(c => new { c.TeacherId, c.Key }).IsUnique();
            AsJson(e.Property(c => c.Protractor));
            e.HasOne<Teacher>().WithMany().HasForeignKey(c => c.TeacherId);
        });
        builder.Entity<RunningOrder>(e =>
        {
            e.Property(o => o.Name).HasMaxLength(120);
            e.HasIndex(o => new { o.TeacherId, o.Name }).IsUnique();
            AsJson(e.Property(o => o.Items));
            e.HasOne<Teacher>().WithMany().HasForeignKey(o => o.TeacherId);
        });
        builder.Entity<AnswerMark>(e =>
        {
            e.HasKey(m => new { m.AnswerId, m.MarkerVersion });
            e.ToTable("marks");
            AsJson(e.Property(m => m.Mark));
        });
        // What is deleted is seen by nobody; only tidying up and bringing back look past this.
        builder.Entity<SchoolClass>().HasQueryFilter(c => c.DeletedAt == null);
        builder.Entity<Student>().HasQueryFilter(s => s.DeletedAt == null);
        builder.Entity<ExerciseSet>().HasQueryFilter(s => s.DeletedAt == null);
        builder.Entity<Assignment>().HasQueryFilter(a => a.DeletedAt == null);
    }

    private static void AsJson<T>(PropertyBuilder<T> property)
        where T : class? =>
        property
            .HasColumnType("json")
            .HasConversion(
                value => StoredJson.Write(value),
                text => StoredJson.Read<T>(text),
                // Stored once and never changed: the same object is the same value.
                new ValueComparer<T>(
                    (a, b) => ReferenceEquals(a, b),
                    v => v == null ? 0 : v.GetHashCode(),
                    v => v
                )
            );
}
