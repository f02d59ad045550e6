using LooseGraft.Web.Stages;

namespace LooseGraft.Browser.Tests;

/// <summary>No form that is sent moves the page: where one works, the answer comes.</summary>
public sealed class PlaceTests(RunningBench bench, Windows windows) : IClassFixture<RunningBench>, IClassFixture<Windows>
{
    // Less than this nobody sees.
    private const long Unseen = 12;

    private const string Handlers = """
        const of = (form) => new URL(form.action).searchParams.get("handler");
        const forms = [...document.querySelectorAll("#bench form[method=post]")].filter((form) => !form.querySelector("[type=file]"));
        return [...new Set(forms.map(of).filter((handler) => handler && handler !== "Undo" && handler !== "Redo"))].join(" ");
        """;

    // Opens what hides the form, stands it in the middle of the screen and sends it as it is, whatever is wrong in it.
    private const string Send = """
        if (location.pathname !== arguments[1]) return false;
        const form = [...document.querySelectorAll("#bench form[method=post]")].find((each) => each.action.includes(`handler=${arguments[0]}`));
        if (!form) return false;
        for (let at = form; at; at = at.parentElement?.closest("details")) if (at instanceof HTMLDetailsElement) at.open = true;
        const button = form.querySelector("button:not([type=button])");
        const seen = button?.checkVisibility() ? button : form;
        if (!seen.checkVisibility()) return false;
        seen.scrollIntoView({ block: "center" });
        const near = form.parentElement.closest("[id]:not(#bench)");
        window.stood = { near: near?.id, top: near?.getBoundingClientRect().top, scroll: scrollY, path: location.pathname };
        button?.focus({ preventScroll: true });
        form.noValidate = true;
        document.querySelector(".said").textContent = "";
        window.answered = false;
        document.addEventListener("htmx:afterSettle", () => { window.answered = true; }, { once: true });
        form.requestSubmit(button?.name || button?.formAction ? button : undefined);
        return true;
        """;

    // By how much what one worked at has moved on the screen; a page that has become shorter than where one stood cannot stay there.
    private const string Moved = """
        const { near, top, scroll, path } = window.stood;
        if (location.pathname !== path) return 0;
        const deepest = Math.max(0, document.documentElement.scrollHeight - innerHeight);
        const now = near && document.getElementById(near);
        if (scrollY === Math.round(deepest) && scroll > deepest) return 0;
        return Math.round(now ? now.getBoundingClientRect().top - top : scrollY - Math.min(scroll, deepest));
        """;

    public static TheoryData<string> Pages => [.. StagePages.All.SelectMany(pages => pages.Own).Select(page => page.DemoAddress)
        .Concat(["/graft/3/seat?hand=shell&things=mount:s1", "/graft/3/seat?hand=board", "/graft/4/wire?joint=panel&pin=to-7"])];

    [Theory]
    [MemberData(nameof(Pages))]
    public void No_form_that_is_sent_moves_the_page(string demo)
    {
        var eyes = windows.Of(bench.Address, 1280);
        eyes.Open(demo);
        eyes.SeeNothingUnderWay();
        var handlers = eyes.Run<string>(Handlers).Split(' ', StringSplitOptions.RemoveEmptyEntries);
        if (handlers.Length == 0) return;
        var path = eyes.CopyOf(demo.Split('/')[2]) + string.Concat(demo.Split('/', 4).Skip(3).Select(rest => "/" + rest));
        var sent = 0;
        List<string> moved = [];
        foreach (var handler in handlers)
        {
            // Where the last form led away, or took this one with it, one comes back.
            if (!eyes.Run<bool>(Send, handler, path.Split('?')[0]))
            {
                eyes.Open(path);
                eyes.SeeNothingUnderWay();
                if (!eyes.Run<bool>(Send, handler, path.Split('?')[0])) continue;
            }

            eyes.Until(() => eyes.Run<bool>("return window.answered !== false && !document.querySelector('.htmx-request')"));
            if (eyes.Run<bool>("return window.stood === undefined")) continue;
            sent++;
            if (eyes.Run<long>(Moved) is var by && Math.Abs(by) > Unseen) moved.Add($"{handler}: {by}");
        }

        Assert.Equal([], moved);
        Assert.NotEqual(0, sent);
    }
}
