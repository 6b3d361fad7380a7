/** Long computations: started, watched, fetched, stopped. */
package dorada.server.job;
