using JauntyCompass.Core.Wording;
using JauntyCompass.Server.Features.Accounts.Passwords;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests.Accounts;

public sealed class PasswordTests
{
    [Theory]
    [InlineData("passwordpassword")]
    [InlineData("Password123456789")]
    [InlineData("123456789012345")]
    [InlineData("qwertyuiopasdfgh")]
    [InlineData("aaaaaaaaaaaaaaaaaa")]
    [InlineData("football football 1")]
    [InlineData("Dragon!!!Dragon!!!")]
    public void The_commonest_are_refused_also_made_longer(string password) =>
        Phrasing.Usual.Say(PasswordRules.FaultOf(password)!).ShouldContain("tried first");

    [Theory]
    [InlineData("short words")]
    [InlineData("")]
    public void Short_ones_are_refused(string password) =>
        Phrasing.Usual.Say(PasswordRules.FaultOf(password)!).ShouldContain("15 to 200");

    [Theory]
    [InlineData("a few words in a row")]
    [InlineData("seven small boats")]
    [InlineData("correct horse battery staple")]
    [InlineData("Möwen über dem Hafen")]
    public void A_few_words_in_a_row_are_good(string password) =>
        PasswordRules.FaultOf(password).ShouldBeNull();

    [Fact]
    public void The_own_name_is_refused() =>
        Phrasing
            .Usual.Say(PasswordRules.FaultOf("marigold fenwick", "fenwick", "Marigold Fenwick")!)
            .ShouldContain("own name");
}
