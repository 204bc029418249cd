using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using QuikGraph;
using QuikGraph.Algorithms;

namespace AmpleTide.Core.Tests.Outside;

/// <summary>Reference library: QuikGraph's Dijkstra finds the same cost between every two positions.</summary>
public class PathCosts
{
    [Theory]
    [InlineData(Pace.Usual, false)]
    [InlineData(Pace.Gentle, true)]
    public void The_cheapest_path_costs_what_the_library_says(Pace pace, bool older)
    {
        var plan = Shipped.Class("{ \"move\": \"breath-watch\" }") with
        {
            Group = new() { Pace = pace, Older = older },
        };
        var graph = Shipped
            .Catalogue.Ways.Select(w => new TaggedEdge<string, long>(w.From.Id, w.To.Id, WayNetwork.CostOf(w, pace, older)))
            .ToAdjacencyGraph<string, TaggedEdge<string, long>>();
        foreach (var from in Shipped.Catalogue.Positions)
        {
            var paths = graph.ShortestPathsDijkstra(e => e.Tag, from.Id);
            foreach (var to in Shipped.Catalogue.Positions.Where(p => p != from))
            {
                var library = paths(to.Id, out var edges) ? edges.Sum(e => e.Tag) : (long?)null;
                Assert.Equal(library, Shipped.Ways.Cheapest(from.Id, to.Id, plan)?.Cost);
            }
        }
    }
}
