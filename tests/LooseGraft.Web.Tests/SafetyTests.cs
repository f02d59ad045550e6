using System.Net;
using LooseGraft.Core.Files;
using LooseGraft.Data;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace LooseGraft.Web.Tests;

/// <summary>What must hold when somebody means ill, or two things happen at once.</summary>
public sealed class SafetyTests(BenchHost host) : IClassFixture<BenchHost>
{
    private const string Poison = "<script>alert(1)</script>";

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Theory]
    [InlineData("")]
    [InlineData("/wire?pin=from-1")]
    [InlineData("/feed")]
    [InlineData("/stock")]
    [InlineData("/prove")]
    [InlineData("/buy")]
    [InlineData("/wake")]
    [InlineData("/history")]
    public async Task Nothing_that_was_typed_is_ever_run(string page)
    {
        var port = new Port("port", Poison, ConnectorTypes.Find("pin-header")!, Gender.Male)
        {
            Pins = [new Pin(1) { NeededFor = Poison, WireColour = Poison, Signal = new(Signal.Ground, Evidence.Diagram, Poison) }],
        };
        var part = new Part("part", Poison, PartKind.Board)
        {
            Note = Poison,
            Cost = new(1),
            Ports = [port, port with { Id = "other", Gender = Gender.Female }],
        };
        var graft = Graft.Empty(Poison) with
        {
            Aim = Poison,
            Donor = new Machine(Poison) { Note = Poison, Kind = Poison },
            Parts = [part],
            Joints = [new Joint("joint", new PortId("part", "port"), new PortId("part", "other"), JointMethod.LeaveOff) { Reason = Poison }],
            Supplies = [new Supply("supply", "part") { Rails = [new Rail(Signal.Parse("+5 V")!, new(new(1), Evidence.Label, Poison))] }],
        };
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        await host.StoreAsync(store => store.ChangeAsync(id, 1, Poison, before => before with { Budget = new(5) }, Cancellation));
        var html = await host.Browser().GetStringAsync($"/graft/{id}{page}", Cancellation);
        Assert.DoesNotContain("<script>alert", html, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("&lt;script&gt;", html);
    }

    [Fact]
    public async Task Of_two_changes_made_at_once_upon_one_revision_exactly_one_is_kept()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("start"), Cancellation));
        var results = await Task.WhenAll(Enumerable.Range(0, 8).Select(number => Task.Run(() =>
            host.StoreAsync(store => store.ChangeAsync(id, 1, $"{number}", graft => graft with { Name = $"name {number}" }, Cancellation)))));
        Assert.Equal(1, results.Count(result => result.Outcome == SaveOutcome.Saved));
        Assert.Equal(7, results.Count(result => result.Outcome == SaveOutcome.Stale));
        Assert.Single((await host.StoreAsync(store => store.HistoryAsync(id, Cancellation))).Lines);
    }

    [Fact]
    public async Task A_change_that_breaks_a_rule_of_the_file_leaves_no_trace()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("start"), Cancellation));
        var result = await host.StoreAsync(store => store.ChangeAsync(id, 1, "too long", graft => graft with { Name = new string('n', 200) }, Cancellation));
        Assert.Equal(SaveOutcome.Refused, result.Outcome);
        Assert.Equal("$.name", Assert.Single(result.Errors).Path);
        Assert.Empty((await host.StoreAsync(store => store.HistoryAsync(id, Cancellation))).Lines);
    }

    [Fact]
    public async Task A_change_that_changes_nothing_is_no_change()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("start"), Cancellation));
        var result = await host.StoreAsync(store => store.ChangeAsync(id, 99, "same", graft => graft with { Name = "start" }, Cancellation));
        Assert.Equal((SaveOutcome.Saved, 1), (result.Outcome, result.Current!.Revision));
        Assert.Equal(SaveOutcome.Gone, (await host.StoreAsync(store => store.UndoAsync(987654, 1, Cancellation))).Outcome);
    }

    [Fact]
    public async Task Destroying_a_graft_takes_its_whole_history_along()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("start"), Cancellation));
        foreach (var revision in new[] { 1, 2, 3 })
            await host.StoreAsync(store => store.ChangeAsync(id, revision, "more", graft => graft with { Name = graft.Name + "!" }, Cancellation));
        await host.StoreAsync(store => store.ThrowAwayAsync(id, Cancellation));
        Assert.True(await host.StoreAsync(store => store.DestroyAsync(id, Cancellation)));
        await using var scope = host.Services.CreateAsyncScope();
        var bench = scope.ServiceProvider.GetRequiredService<BenchContext>();
        Assert.Equal(0, await bench.Changes.CountAsync(change => change.GraftId == id, Cancellation));
    }

    [Fact]
    public async Task The_database_waits_for_the_disk_and_checks_its_references()
    {
        await using var scope = host.Services.CreateAsyncScope();
        var bench = scope.ServiceProvider.GetRequiredService<BenchContext>();
        await bench.Database.OpenConnectionAsync(Cancellation);
        foreach (var (pragma, expected) in new[] { ("journal_mode", "wal"), ("synchronous", "2"), ("foreign_keys", "1") })
        {
            await using var command = bench.Database.GetDbConnection().CreateCommand();
            command.CommandText = $"PRAGMA {pragma}";
            Assert.Equal(expected, $"{await command.ExecuteScalarAsync(Cancellation)}");
        }

        Assert.False(bench.Database.HasPendingModelChanges());
    }

    [Fact]
    public async Task A_request_for_another_host_is_turned_away()
    {
        var request = new HttpRequestMessage(HttpMethod.Get, "/") { Headers = { Host = "evil.example" } };
        Assert.Equal(HttpStatusCode.BadRequest, (await host.Browser().SendAsync(request, Cancellation)).StatusCode);
    }

    [Fact]
    public async Task Cookies_are_kept_from_scripts_and_other_sites()
    {
        var answer = await host.CreateClient(new WebApplicationFactoryClientOptions { HandleCookies = false }).GetAsync("/", Cancellation);
        var cookie = Assert.Single(answer.Headers.GetValues("Set-Cookie"), value => value.StartsWith("loose-graft-form", StringComparison.Ordinal));
        Assert.Contains("httponly", cookie);
        Assert.Contains("samesite=strict", cookie);
    }

    [Theory]
    [InlineData("/parts/kt31/ports/panel/pins/7", "/wire?joint=panel&pin=from-7")]
    [InlineData("/parts/concerto/ports/panel-plug/pins/7", "/wire?joint=panel&pin=to-7")]
    [InlineData("/joints/fan", "/wire?joint=fan")]
    [InlineData("/supplies/supply/rails/+3.3 V", "/feed?supply=supply#at-supplies-supply-rails-p3d3-V")]
    [InlineData("/loads/card/draws/+12 V", "/feed?load=card#at-loads-card-draws-p12-V")]
    [InlineData("/", "/buy")]
    public async Task A_subject_leads_to_where_it_can_be_changed(string subject, string expected)
    {
        var ferry = (await host.ShelfAsync(Cancellation)).First(graft => graft.Graft.Name == "The ferry radiogram");
        Assert.Equal($"/graft/{ferry.Id}{expected}", SubjectLinks.To(ferry, Core.Findings.Subjects.SubjectText.Read(subject)!, Core.Findings.Stage.Buy));
    }

    [Fact]
    public void Every_signal_and_every_word_that_is_explained_is_explained_in_a_sentence()
        => Assert.All(Glossary.Words.Values.Concat(SignalVocabulary.Standard.Entries.Select(entry => Glossary.Of(entry.Name)!)),
            meaning => Assert.EndsWith(".", meaning));

    [Fact]
    public async Task A_file_at_the_limit_of_pins_is_shown_without_ado()
    {
        var pins = Enumerable.Range(1, GraftFileLimits.Positions).Select(position => new Pin(position) { Signal = new(Signal.Ground, Evidence.Measured) });
        var port = new Port("port", "port", ConnectorTypes.Find("pin-header")!, Gender.Male)
        {
            OwnRows = 2,
            OwnColumns = GraftFileLimits.Positions / 2,
            Pins = [.. pins],
        };
        var graft = Graft.Empty("large") with
        {
            Parts = [new Part("part", "part", PartKind.Board) { Ports = [port, port with { Id = "plug", Gender = Gender.Female, OwnKeying = Keying.Shroud }] }],
            Joints = [new Joint("joint", new PortId("part", "port"), new PortId("part", "plug"), JointMethod.Straight)],
        };
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        Assert.Contains("goes straight in", await host.Browser().GetStringAsync($"/graft/{id}/wire", Cancellation));
    }
}
